package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** One planned framing. */
@Entity
@Table(name = "plan_shot")
@IdClass(PlanRow.Key.class)
class ShotRow extends PlanRow {
    UUID actionId;
    String code;
    double rank;
    String size;
    Double insertHeightM;
    Double aimHeightM;
    double bearingDeg;
    double cameraHeightM;
    double focalLengthMm;
    double apertureN;
    String support;
    String move;
    double moveM;
    double turnDeg;
    String reason;
    int captureRateNum;
    int captureRateDen;
    Double shutterPerS;
    int iso;
    double ndStops;
    double dioptrePerM;
    double punchIn;
    boolean lampsOff;
    double holdS;
    int takes;
    String placement;
    String frameUse;
    String viewpoint;
    double rollDeg;
    String priority;
    boolean foreground;
    String note;
}
