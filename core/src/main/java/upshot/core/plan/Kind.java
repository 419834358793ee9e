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
public final class Kind<R extends PlanRecord> {

    public static final Kind<Brief> BRIEF = new Kind<>("brief", Brief.class);
    public static final Kind<HouseRules> HOUSE = new Kind<>("house", HouseRules.class);
    public static final Kind<Adjustment> ADJUSTMENT = new Kind<>("adjustment", Adjustment.class);
    public static final Kind<TempoMark> TEMPO = new Kind<>("tempo", TempoMark.class);
    public static final Kind<VoiceOver> VOICE = new Kind<>("voice", VoiceOver.class);
    public static final Kind<Moment> MOMENT = new Kind<>("moment", Moment.class);
    public static final Kind<Beat> BEAT = new Kind<>("beat", Beat.class);
    public static final Kind<Spot> SPOT = new Kind<>("spot", Spot.class);
    public static final Kind<Walk> WALK = new Kind<>("walk", Walk.class);
    public static final Kind<Subject> SUBJECT = new Kind<>("subject", Subject.class);
    public static final Kind<Body> BODY = new Kind<>("body", Body.class);
    public static final Kind<Lens> LENS = new Kind<>("lens", Lens.class);
    public static final Kind<Mode> MODE = new Kind<>("mode", Mode.class);
    public static final Kind<Dioptre> DIOPTRE = new Kind<>("dioptre", Dioptre.class);
    public static final Kind<NdFilter> ND = new Kind<>("nd", NdFilter.class);
    public static final Kind<Carrier> CARRIER = new Kind<>("carrier", Carrier.class);
    public static final Kind<Card> CARD = new Kind<>("card", Card.class);
    public static final Kind<Light> LIGHT = new Kind<>("light", Light.class);
    public static final Kind<Action> ACTION = new Kind<>("action", Action.class);
    public static final Kind<Performer> PERFORMER = new Kind<>("performer", Performer.class);
    public static final Kind<Shot> SHOT = new Kind<>("shot", Shot.class);
    public static final Kind<Use> USE = new Kind<>("use", Use.class);
    public static final Kind<Accepted> ACCEPTED = new Kind<>("accepted", Accepted.class);
    public static final Kind<ExtraCrew> SHIFT = new Kind<>("shift", ExtraCrew.class);
    public static final Kind<Turn> TURN = new Kind<>("turn", Turn.class);

    /** Every kind, with what is referred to before what refers to it. */
    public static final List<Kind<?>> PARENT_FIRST = List.of(
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
            TURN);

    private static final Map<Class<?>, Kind<?>> BY_TYPE =
            PARENT_FIRST.stream().collect(Collectors.toUnmodifiableMap(Kind::type, kind -> kind));

    /** The kinds that make up a kit: copied into the job from a template, and back into one. */
    public static final List<Kind<?>> KIT = List.of(BODY, MODE, LENS, DIOPTRE, ND, CARRIER, CARD, LIGHT);

    private final String name;
    private final Class<R> type;
    private final List<Field> fields;
    private final List<Field> references;
    private final Maker<R> maker;

    private Kind(String name, Class<R> type) {
        this.name = name;
        this.type = type;
        this.maker = new Maker<>(type);
        this.fields = maker.fields();
        this.references =
                fields.stream().filter(field -> field.refersTo().isPresent()).toList();
    }

    /** The kind a record is of. */
    @SuppressWarnings("unchecked")
    public static <R extends PlanRecord> Kind<R> of(R plannedRecord) {
        return (Kind<R>) BY_TYPE.get(plannedRecord.getClass());
    }

    public static Optional<Kind<?>> named(String name) {
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
        return create(fields.stream()
                .map(field -> field.name().equals(fieldName) ? value : field.of(plannedRecord))
                .toArray());
    }

    @Override
    public String toString() {
        return name;
    }
}
