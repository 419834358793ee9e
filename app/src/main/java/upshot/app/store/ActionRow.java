package upshot.app.store;

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
    double rank;
    String codePrefix;
    String name;
    boolean feature;
    String posture;
    double baseHeightM;
    Double acrossM;
    Double deepM;
    double durationS;
    boolean once;
    LocalTime fixedTime;
    double resetMin;
    LocalTime fromTime;
    LocalTime untilTime;
    boolean messy;
    boolean soonGone;
    boolean tiring;
    boolean quick;
    double speedMps;
    String line;
    String side;
    String rises;
    String thing;
    String thingForm;
    double thingHeightM;
    double thingBaseM;
    String setsState;
    String focus;
    String sound;
    boolean speech;
    boolean playback;
    boolean noSound;
    boolean onePicture;
    String taken;
    boolean stagedAgain;
    String strand;
    String phases;
    String wantedLight;
    String cautions;
}
