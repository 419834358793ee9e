package upshot.exchange.json;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import upshot.core.plan.Field;
import upshot.core.plan.Written;

/**
 * The value of one field as JSON: numbers and truth values as themselves, an empty optional as null, everything else as
 * the text that its type parses back.
 */
final class ValueJson {

    /** Longer than any text of a plan; the outlines of a spot are the longest. */
    private static final int LONGEST_TEXT = 60_000;

    private static final int LONGEST_VALUE = 100;

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** 9:05 is understood like 09:05; seconds are written by nobody but may stand there. */
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm[:ss]");

    private ValueJson() {}

    static JsonNode write(Object value) {
        if (value instanceof Optional<?> optional) {
            return optional.map(ValueJson::write).orElseGet(NODES::nullNode);
        }
        if (value instanceof Double number) {
            return NODES.numberNode(number);
        }
        if (value instanceof Integer number) {
            return NODES.numberNode(number);
        }
        if (value instanceof Boolean truth) {
            return NODES.booleanNode(truth);
        }
        return NODES.stringNode(value instanceof Enum<?> choice ? choice.name() : value.toString());
    }

    /**
     * Reads a value of a field's type. Numbers are also understood as text, because that is what form fields hold.
     *
     * @throws UnreadableJson when it is something else
     */
    static Object read(Field field, JsonNode node) {
        boolean empty = node == null
                || node.isNull()
                || node.isString() && node.asString().isBlank();
        if (field.optional()) {
            return empty ? Optional.empty() : Optional.of(value(field, node));
        }
        if (node == null
                || node.isNull()
                || empty && field.type() != String.class && !Written.mayBeEmpty(field.type())) {
            throw new UnreadableJson("The field %s is empty.".formatted(field.name()));
        }
        return value(field, node);
    }

    private static Object value(Field field, JsonNode node) {
        if (!node.isValueNode()) {
            throw new UnreadableJson("The field %s holds no single value.".formatted(field.name()));
        }
        String text = node.asString();
        if (text.length() > longest(field.type())) {
            throw new UnreadableJson("The field %s is too long.".formatted(field.name()));
        }
        try {
            return parse(field.type(), node);
        } catch (NumberFormatException notANumber) {
            throw new UnreadableJson("“%s” is not a number.".formatted(text), notANumber);
        } catch (DateTimeException notATime) {
            throw new UnreadableJson("“%s” is not a date or time.".formatted(text), notATime);
        } catch (IllegalArgumentException refused) {
            throw new UnreadableJson(refused.getMessage(), refused);
        }
    }

    /** Looked at before a text is read: what reads it may take longer than its length. */
    private static int longest(Class<?> type) {
        return type == String.class || Written.reader(type).isPresent() ? LONGEST_TEXT : LONGEST_VALUE;
    }

    private static Object parse(Class<?> type, JsonNode node) {
        String text = node.asString();
        if (type == String.class) {
            return text;
        }
        if (type == double.class || type == Double.class) {
            return node.isNumber()
                    ? node.doubleValue()
                    : Double.parseDouble(text.strip().replace(',', '.'));
        }
        if (type == int.class) {
            return whole(node, text);
        }
        if (type == boolean.class) {
            return truth(text);
        }
        if (type == UUID.class) {
            return UUID.fromString(text);
        }
        if (type == LocalTime.class) {
            return LocalTime.parse(text.strip(), CLOCK);
        }
        if (type == LocalDate.class) {
            return LocalDate.parse(text.strip());
        }
        return parseOwn(type, text);
    }

    private static Object parseOwn(Class<?> type, String text) {
        Optional<Function<String, Object>> reader = Written.reader(type);
        if (reader.isPresent()) {
            return reader.get().apply(text);
        }
        for (Object choice : type.getEnumConstants()) {
            if (((Enum<?>) choice).name().equals(text)) {
                return choice;
            }
        }
        throw new IllegalArgumentException("“%s” is none of the choices.".formatted(text));
    }

    private static int whole(JsonNode node, String text) {
        if (node.isIntegralNumber() && !node.canConvertToInt()) {
            throw new IllegalArgumentException("%s is too large.".formatted(text));
        }
        return Integer.parseInt(text.strip());
    }

    private static boolean truth(String text) {
        return switch (text) {
            case "true" -> true;
            case "false" -> false;
            default -> throw new IllegalArgumentException("“%s” is neither true nor false.".formatted(text));
        };
    }
}
