package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;

/** Delivery and day. */
@Entity
@Table(name = "plan_brief")
@IdClass(PlanRow.Key.class)
class BriefRow extends PlanRow {
    String name;
    double lengthS;
    int rateNum;
    int rateDen;
    int aspectWidth;
    int aspectHeight;
    String alsoAspects;
    int longSidePx;
    Double tempoBpm;
    int beatsPerBar;
    double firstBeatS;
    LocalDate shootDate;
    LocalTime callTime;
    LocalTime wrapTime;
    String place;
    Double latitudeDeg;
    Double longitudeDeg;
    String zone;
}
