package upshot.exchange.play;

import java.io.StringWriter;
import java.util.List;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;
import upshot.core.frame.FramePoint;
import upshot.core.frame.Shape;
import upshot.core.play.PlayedUse;
import upshot.core.play.Playing;
import upshot.exchange.svg.Marks;

/**
 * A cut as data for the player. Frame heights are written as whole thousandths, a shape as one list: its letter, its role
 * and its numbers.
 */
public final class PlayJson {

    private static final double UNITS = 1000;
    private static final JsonFactory JSON = new JsonFactory();

    private PlayJson() {}

    public static String write(Playing playing) {
        StringWriter text = new StringWriter(1 << 16);
        try (JsonGenerator json = JSON.createGenerator(ObjectWriteContext.empty(), text)) {
            json.writeStartObject();
            json.writeStringProperty("name", playing.name());
            json.writeNumberProperty("aspect", playing.aspect());
            json.writeNumberProperty("rate", playing.rate().perSecond());
            json.writeNumberProperty("frames", playing.frames());
            json.writeObjectPropertyStart("colours");
            for (Shape.Role role : Shape.Role.values()) {
                json.writeStringProperty(role.name(), Marks.colour(role));
            }
            json.writeEndObject();
            json.writeArrayPropertyStart("uses");
            for (PlayedUse use : playing.uses()) {
                write(json, use);
            }
            json.writeEndArray();
            json.writeArrayPropertyStart("clicks");
            for (Playing.Click click : playing.clicks()) {
                json.writeStartArray();
                json.writeNumber(Math.round(click.atS() * 1e6) / 1e6);
                json.writeNumber(click.bar() ? 1 : 0);
                json.writeEndArray();
            }
            json.writeEndArray();
            json.writeEndObject();
        }
        return text.toString();
    }

    private static void write(JsonGenerator json, PlayedUse use) {
        json.writeStartObject();
        json.writeStringProperty("code", use.code());
        json.writeStringProperty("action", use.action());
        json.writeNumberProperty("start", use.startFrame());
        json.writeNumberProperty("frames", use.frames());
        json.writeStringProperty("entry", use.entry().name());
        json.writeNumberProperty("join", use.joinFrames());
        json.writeStringProperty("pace", use.pace());
        json.writeArrayPropertyStart("keys");
        for (PlayedUse.Key key : use.keys()) {
            json.writeStartObject();
            json.writeArrayPropertyStart("eye");
            write(json, List.of(key.eye()));
            json.writeEndArray();
            json.writeArrayPropertyStart("shapes");
            for (Shape shape : key.shapes()) {
                write(json, shape);
            }
            json.writeEndArray();
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private static void write(JsonGenerator json, Shape shape) {
        json.writeStartArray();
        if (shape instanceof Shape.Area area) {
            begin(json, "a", shape);
            write(json, area.corners());
        } else if (shape instanceof Shape.Stroke stroke) {
            begin(json, "s", shape);
            write(json, List.of(stroke.from(), stroke.to()));
            json.writeNumber(whole(stroke.width()));
        } else if (shape instanceof Shape.Disc disc) {
            begin(json, "d", shape);
            write(json, List.of(disc.centre()));
            json.writeNumber(whole(disc.radius()));
        } else {
            throw new IllegalArgumentException("Nothing is written on a picture that plays: " + shape);
        }
        json.writeEndArray();
    }

    private static void begin(JsonGenerator json, String letter, Shape shape) {
        json.writeString(letter);
        json.writeString(shape.role().name());
    }

    private static void write(JsonGenerator json, List<FramePoint> points) {
        for (FramePoint point : points) {
            json.writeNumber(whole(point.u()));
            json.writeNumber(whole(point.v()));
        }
    }

    private static long whole(double frameHeights) {
        return Math.round(frameHeights * UNITS);
    }
}
