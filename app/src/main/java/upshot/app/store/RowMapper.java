package upshot.app.store;

import java.lang.reflect.Field;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Coordinates;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Written;

/**
 * Copies a record's components into the row's fields of the same names and back. A rate becomes two fields ending in
 * {@code Num} and {@code Den}, a shape two ending in {@code Width} and {@code Height}, coordinates two numbers; choices
 * are stored by name, lists as their exact text.
 */
final class RowMapper {

    private static final Map<RecordKind<?>, Class<? extends PlanRow>> ROWS = Map.ofEntries(
            Map.entry(RecordKind.BRIEF, BriefRow.class),
            Map.entry(RecordKind.HOUSE, HouseRulesRow.class),
            Map.entry(RecordKind.ADJUSTMENT, AdjustmentRow.class),
            Map.entry(RecordKind.TEMPO, TempoMarkRow.class),
            Map.entry(RecordKind.VOICE, VoiceOverRow.class),
            Map.entry(RecordKind.MOMENT, MomentRow.class),
            Map.entry(RecordKind.BEAT, BeatRow.class),
            Map.entry(RecordKind.SPOT, SpotRow.class),
            Map.entry(RecordKind.WALK, WalkRow.class),
            Map.entry(RecordKind.SUBJECT, SubjectRow.class),
            Map.entry(RecordKind.BODY, BodyRow.class),
            Map.entry(RecordKind.MODE, ModeRow.class),
            Map.entry(RecordKind.LENS, LensRow.class),
            Map.entry(RecordKind.DIOPTRE, DioptreRow.class),
            Map.entry(RecordKind.ND, NdFilterRow.class),
            Map.entry(RecordKind.CARRIER, CarrierRow.class),
            Map.entry(RecordKind.CARD, CardRow.class),
            Map.entry(RecordKind.LIGHT, LightRow.class),
            Map.entry(RecordKind.ACTION, ActionRow.class),
            Map.entry(RecordKind.PERFORMER, PerformerRow.class),
            Map.entry(RecordKind.SHOT, ShotRow.class),
            Map.entry(RecordKind.USE, UseRow.class),
            Map.entry(RecordKind.ACCEPTED, AcceptedRow.class),
            Map.entry(RecordKind.SHIFT, ShiftRow.class),
            Map.entry(RecordKind.TURN, TurnRow.class),
            Map.entry(RecordKind.REST, RestRow.class),
            Map.entry(RecordKind.CORNER, FloorCornerRow.class),
            Map.entry(RecordKind.STRETCH, StretchRow.class),
            Map.entry(RecordKind.STANDING, StandingRow.class),
            Map.entry(RecordKind.WAYPOINT, WaypointRow.class),
            Map.entry(RecordKind.UNDERLAY, UnderlayRow.class));

    private static final String PLACE = "coordinates";
    private static final String LATITUDE = "latitudeDeg";
    private static final String LONGITUDE = "longitudeDeg";

    private static final Map<Class<?>, Map<String, Field>> COLUMNS =
            ROWS.values().stream().collect(Collectors.toUnmodifiableMap(Function.identity(), RowMapper::columns));

    private RowMapper() {}

    static Class<? extends PlanRow> rowType(RecordKind<?> kind) {
        return ROWS.get(kind);
    }

    static PlanRow toRow(UUID jobId, PlanRecord plannedRecord) {
        RecordKind<?> kind = RecordKind.of(plannedRecord);
        try {
            PlanRow row = rowType(kind).getDeclaredConstructor().newInstance();
            row.jobId = jobId;
            for (upshot.core.plan.Field field : kind.fields()) {
                write(row, field.name(), field.of(plannedRecord));
            }
            return row;
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException("No row for a " + kind, broken);
        }
    }

    static PlanRecord toRecord(RecordKind<?> kind, PlanRow row) {
        List<upshot.core.plan.Field> fields = kind.fields();
        Object[] values = new Object[fields.size()];
        try {
            for (int i = 0; i < values.length; i++) {
                values[i] = read(row, fields.get(i));
            }
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException("No record from a row of " + kind, broken);
        }
        return kind.create(values);
    }

    private static void write(PlanRow row, String name, Object value) throws ReflectiveOperationException {
        if (value instanceof Optional<?> optional && name.equals(PLACE)) {
            Coordinates place = (Coordinates) optional.orElse(null);
            column(row, LATITUDE).set(row, place == null ? null : place.latitudeDeg());
            column(row, LONGITUDE).set(row, place == null ? null : place.longitudeDeg());
        } else if (value instanceof Optional<?> optional) {
            column(row, name).set(row, optional.orElse(null));
        } else if (value instanceof FrameRate rate) {
            column(row, name + "Num").set(row, rate.numerator());
            column(row, name + "Den").set(row, rate.denominator());
        } else if (value instanceof Aspect aspect) {
            column(row, name + "Width").set(row, aspect.width());
            column(row, name + "Height").set(row, aspect.height());
        } else if (value instanceof Enum<?> choice) {
            column(row, name).set(row, choice.name());
        } else {
            boolean written = value != null && Written.reader(value.getClass()).isPresent();
            column(row, name).set(row, written ? value.toString() : value);
        }
    }

    private static Object read(PlanRow row, upshot.core.plan.Field field) throws ReflectiveOperationException {
        String name = field.name();
        if (field.type() == FrameRate.class) {
            return new FrameRate(
                    column(row, name + "Num").getInt(row),
                    column(row, name + "Den").getInt(row));
        }
        if (field.type() == Aspect.class) {
            return new Aspect(
                    column(row, name + "Width").getInt(row),
                    column(row, name + "Height").getInt(row));
        }
        if (field.type() == Coordinates.class) {
            Double latitude = (Double) column(row, LATITUDE).get(row);
            return Optional.ofNullable(latitude).map(north -> coordinates(row, north));
        }
        Object value = column(row, name).get(row);
        if (field.optional()) {
            return Optional.ofNullable(value);
        }
        Optional<Function<String, Object>> reader = Written.reader(field.type());
        if (reader.isPresent()) {
            return reader.get().apply((String) value);
        }
        return field.type().isEnum() ? choice(field.type(), (String) value) : value;
    }

    private static Coordinates coordinates(PlanRow row, double latitudeDeg) {
        try {
            return new Coordinates(latitudeDeg, (Double) column(row, LONGITUDE).get(row));
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException("No coordinates from a row", broken);
        }
    }

    private static Object choice(Class<?> type, String name) {
        for (Object constant : type.getEnumConstants()) {
            if (((Enum<?>) constant).name().equals(name)) {
                return constant;
            }
        }
        throw new IllegalStateException("%s is no %s".formatted(name, type.getSimpleName()));
    }

    private static Field column(PlanRow row, String name) throws NoSuchFieldException {
        Field column = COLUMNS.get(row.getClass()).get(name);
        if (column == null) {
            throw new NoSuchFieldException("%s.%s".formatted(row.getClass().getSimpleName(), name));
        }
        return column;
    }

    /** Looking a field up copies it, and a plan has tens of thousands of values. */
    private static Map<String, Field> columns(Class<?> rowType) {
        return Stream.of(rowType, PlanRow.class)
                .flatMap(type -> Arrays.stream(type.getDeclaredFields()))
                .collect(Collectors.toUnmodifiableMap(Field::getName, Function.identity(), (own, inherited) -> own));
    }
}
