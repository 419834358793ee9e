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
    UUID subjectId;
    UUID cameraSpotId;
    String code;
    double rank;
    String size;
    Double insertHeightM;
    Double aimHeightM;
    String aim;
    double bearingDeg;
    double cameraHeightM;
    double focalLengthMm;
    double apertureN;
    String support;
    String move;
    boolean moveBack;
    String alsoMove;
    boolean zooms;
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
    Double keyDeg;
    Double fillDeg;
    Double backDeg;
    double holdS;
    int takes;
    String meant;
    boolean cleanPlate;
    String placement;
    String frameUse;
    String viewpoint;
    double rollDeg;
    boolean rollMeant;
    String devices;
    String cautions;
    String priority;
    boolean foreground;
    String still;
    String note;
}
