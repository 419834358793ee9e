package upshot.exchange.agenda;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import upshot.core.order.DayPlan;
import upshot.core.order.Whys;
import upshot.core.plan.Brief;
import upshot.core.plan.Shot;

/**
 * The order of the day as iCalendar: one event a setup, in Greenwich time, which needs no table of zones and is right on a
 * day on which clocks change.
 */
public final class DayIcs {

    private DayIcs() {}

    /**
     * @param date of the shoot
     * @param madeAt when the file was made
     */
    public static String write(Brief brief, LocalDate date, DayPlan day, Instant madeAt) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Upshot Lane//Shooting order//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        Whys words = new Whys(day);
        for (DayPlan.Slot slot : day.slots()) {
            calendar.add(event(slot, words, brief, date, madeAt));
        }
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter().output(calendar, text);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static VEvent event(DayPlan.Slot slot, Whys words, Brief brief, LocalDate date, Instant madeAt) {
        VEvent event = new VEvent(
                slot.crew().instant(date, brief.clock(), slot.times().gettingReady()),
                slot.crew().instant(date, brief.clock(), slot.times().end()),
                "%d %s".formatted(slot.number(), slot.setup().action().name()));
        event.getProperties().stream()
                .filter(property -> property instanceof DtStamp)
                .toList()
                .forEach(event::remove);
        event.add(new DtStamp(madeAt));
        event.add(new Uid(slot.setup().first().id() + "@upshot-lane"));
        event.add(new Location(slot.setup().spot().name()));
        List<String> codes = slot.setup().shots().stream().map(Shot::code).toList();
        event.add(new Description("%s. %s".formatted(String.join(", ", codes), String.join(" ", words.of(slot)))));
        return event;
    }
}
