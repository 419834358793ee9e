package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A slice of a shot in the cut. */
@Entity
@Table(name = "plan_use")
@IdClass(PlanRow.Key.class)
class UseRow extends PlanRow {
    UUID shotId;
    double rank;
    int frames;
    double frameStep;
    Double inS;
    int joinFrames;
    String entry;
    boolean pinned;
    double cropZoom;
    double cropAcross;
    double cropDown;
    boolean flipped;
}
