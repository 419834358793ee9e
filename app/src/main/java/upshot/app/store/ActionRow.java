package upshot.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalTime;
import java.util.UUID;

/** Something that happens. */
@Entity
@Table(name = "plan_action")
@IdClass(PlanRow.Key.class)
class ActionRow extends PlanRow {
    UUID beatId;
    UUID spotId;
    UUID subjectId;

    @Column(name = "sort_rank")
    double rank;

    String codePrefix;
    String name;
    boolean feature;
    String posture;
    double baseHeightM;
    double durationS;
    boolean once;
    LocalTime fixedTime;
    double resetMin;
    boolean messy;
    String line;
    String side;
    String thing;
    double thingHeightM;
    double thingBaseM;
    String cautions;
}
