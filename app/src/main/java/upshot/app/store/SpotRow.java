package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalTime;

/** A place inside the location. */
@Entity
@Table(name = "plan_spot")
@IdClass(PlanRow.Key.class)
class SpotRow extends PlanRow {
    String name;
    double rank;
    boolean outdoors;
    double widthM;
    double depthM;
    String outline;
    String noGo;
    Double ceilingM;
    Double facingDeg;
    double roomM;
    double backdropM;
    int mainsHz;
    String lamps;
    boolean lampsCanGoOff;
    double lux;
    String noise;
    String hazards;
    LocalTime opensTime;
    LocalTime closesTime;
    LocalTime loudFrom;
    LocalTime loudUntil;
    Double siteEastM;
    Double siteNorthM;
}
