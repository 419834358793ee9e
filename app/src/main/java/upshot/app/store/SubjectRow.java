package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalTime;

/** Who or what is filmed. */
@Entity
@Table(name = "plan_subject")
@IdClass(PlanRow.Key.class)
class SubjectRow extends PlanRow {
    String name;
    String kind;
    double heightM;
    double widthM;
    double lengthM;
    String form;
    LocalTime fromTime;
    LocalTime untilTime;
    Double effortMin;
    double restMin;
    String consent;
    boolean released;
    boolean films;
    String note;
}
