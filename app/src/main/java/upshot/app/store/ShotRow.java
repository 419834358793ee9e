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
    int captureRateNum;
    int captureRateDen;
    double holdS;
    int takes;
    String placement;
    String priority;
    boolean foreground;
    String note;
}
