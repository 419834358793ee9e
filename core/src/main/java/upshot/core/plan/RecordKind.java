package upshot.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A kind of record: its name in changes and files, and its fields in the order of the record's components.
 *
 * <p>Fields are read off the record itself, so that a new component is at once a field that can be set, stored in a
 * plan file and undone.
 *
 * @param <R> the record class
 */
public final class RecordKind<R extends PlanRecord> {

    public static final RecordKind<Brief> BRIEF = new RecordKind<>("brief", Brief.class);
    public static final RecordKind<HouseRules> HOUSE = new RecordKind<>("house", HouseRules.class);
    public static final RecordKind<Adjustment> ADJUSTMENT = new RecordKind<>("adjustment", Adjustment.class);
    public static final RecordKind<TempoMark> TEMPO = new RecordKind<>("tempo", TempoMark.class);
    public static final RecordKind<VoiceOver> VOICE = new RecordKind<>("voice", VoiceOver.class);
    public static final RecordKind<Moment> MOMENT = new RecordKind<>("moment", Moment.class);
    public static final RecordKind<StoryBeat> BEAT = new RecordKind<>("beat", StoryBeat.class);
    public static final RecordKind<Spot> SPOT = new RecordKind<>("spot", Spot.class);
    public static final RecordKind<Walk> WALK = new RecordKind<>("walk", Walk.class);
    public static final RecordKind<Subject> SUBJECT = new RecordKind<>("subject", Subject.class);
    public static final RecordKind<Body> BODY = new RecordKind<>("body", Body.class);
    public static final RecordKind<Lens> LENS = new RecordKind<>("lens", Lens.class);
    public static final RecordKind<Mode> MODE = new RecordKind<>("mode", Mode.class);
    public static final RecordKind<Dioptre> DIOPTRE = new RecordKind<>("dioptre", Dioptre.class);
    public static final RecordKind<NdFilter> ND = new RecordKind<>("nd", NdFilter.class);
    public static final RecordKind<Carrier> CARRIER = new RecordKind<>("carrier", Carrier.class);
    public static final RecordKind<Card> CARD = new RecordKind<>("card", Card.class);
    public static final RecordKind<Light> LIGHT = new RecordKind<>("light", Light.class);
    public static final RecordKind<Action> ACTION = new RecordKind<>("action", Action.class);
    public static final RecordKind<Performer> PERFORMER = new RecordKind<>("performer", Performer.class);
    public static final RecordKind<Shot> SHOT = new RecordKind<>("shot", Shot.class);
    public static final RecordKind<Use> USE = new RecordKind<>("use", Use.class);
    public static final RecordKind<Accepted> ACCEPTED = new RecordKind<>("accepted", Accepted.class);
    public static final RecordKind<ExtraCrew> SHIFT = new RecordKind<>("shift", ExtraCrew.class);
    public static final RecordKind<Rest> REST = new RecordKind<>("rest", Rest.class);
    public static final RecordKind<FloorCorner> CORNER = new RecordKind<>("corner", FloorCorner.class);
    public static final RecordKind<Stretch> STRETCH = new RecordKind<>("stretch", Stretch.class);
    public static final RecordKind<Standing> STANDING = new RecordKind<>("standing", Standing.class);
    public static final RecordKind<Waypoint> WAYPOINT = new RecordKind<>("waypoint", Waypoint.class);
    public static final RecordKind<Underlay> UNDERLAY = new RecordKind<>("underlay", Underlay.class);
    public static final RecordKind<Turn> TURN = new RecordKind<>("turn", Turn.class);

    /** Every kind, with what is referred to before what refers to it. */
    public static final List<RecordKind<?>> PARENT_FIRST = List.of(
            BRIEF,
            HOUSE,
            ADJUSTMENT,
            TEMPO,
            VOICE,
            MOMENT,
            BEAT,
            SPOT,
            WALK,
            SUBJECT,
            BODY,
            MODE,
            LENS,
            DIOPTRE,
            ND,
            CARRIER,
            CARD,
            LIGHT,
            ACTION,
            PERFORMER,
            SHOT,
            USE,
            ACCEPTED,
            SHIFT,
            TURN,
            REST,
            CORNER,
            STRETCH,
            STANDING,
            WAYPOINT,
            UNDERLAY);

    private static final Map<Class<?>, RecordKind<?>> BY_TYPE =
            PARENT_FIRST.stream().collect(Collectors.toUnmodifiableMap(RecordKind::type, kind -> kind));

    /** The kinds that make up a kit: copied into the job from a template, and back into one. */
    public static final List<RecordKind<?>> KIT = List.of(BODY, MODE, LENS, DIOPTRE, ND, CARRIER, CARD, LIGHT);

    private final String name;
    private final Class<R> type;
    private final List<Field> fields;
    private final List<Field> references;
    private final Maker<R> maker;

    private RecordKind(String name, Class<R> type) {
        this.name = name;
        this.type = type;
        this.maker = new Maker<>(type);
        this.fields = maker.fields();
        this.references =
                fields.stream().filter(field -> field.refersTo().isPresent()).toList();
    }

    /** The kind a record is of. */
    @SuppressWarnings("unchecked")
    public static <R extends PlanRecord> RecordKind<R> of(R plannedRecord) {
        return (RecordKind<R>) BY_TYPE.get(plannedRecord.getClass());
    }

    public static Optional<RecordKind<?>> named(String name) {
        return PARENT_FIRST.stream().filter(kind -> kind.name.equals(name)).findFirst();
    }

    public String name() {
        return name;
    }

    public Class<R> type() {
        return type;
    }

    public List<Field> fields() {
        return fields;
    }

    /** The fields that hold the ids of other records. */
    List<Field> references() {
        return references;
    }

    public Optional<Field> field(String fieldName) {
        return fields.stream().filter(field -> field.name().equals(fieldName)).findFirst();
    }

    /**
     * Makes a record from the values of its fields, in their order.
     *
     * @throws InvalidField when the record refuses a value
     */
    public R create(Object... values) {
        return maker.make(values);
    }

    /**
     * The same record with one field changed.
     *
     * @throws InvalidField when there is no such field, the field is the id, or the record refuses the value
     */
    public R with(R plannedRecord, String fieldName, Object value) {
        if (fieldName.equals("id") || field(fieldName).isEmpty()) {
            throw new InvalidField(fieldName, "A %s has no %s that can be set.".formatted(name, fieldName));
        }
        return changed(plannedRecord, fieldName, value);
    }

    /** The same record with one of its parts changed. */
    R with(R plannedRecord, Part part) {
        return maker.with(plannedRecord, part);
    }

    /** The same record under another id. */
    public R copy(R plannedRecord, UUID id) {
        return changed(plannedRecord, "id", id);
    }

    private R changed(R plannedRecord, String fieldName, Object value) {
        return maker.with(plannedRecord, field(fieldName).orElseThrow(), value);
    }

    @Override
    public String toString() {
        return name;
    }
}
