package upshot.app.roll;

import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.app.crew.Crew;
import upshot.app.crew.CrewKey.Standing;
import upshot.app.lan.Lan;
import upshot.app.web.Qr;
import upshot.core.plan.Brief;

/**
 * Phones of the crew, for the desk.
 *
 * @param code when the code that lets phones in was made, empty where there is none
 * @param trust where a phone learns to trust this machine; null where phones reach it otherwise or not at all
 */
record CrewView(String code, List<PhoneRow> phones, Trust trust) {

    private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);

    /**
     * A phone.
     *
     * @param said since when it is in, when it was last there, or that its way in has ended
     * @param in whether it sees the day
     * @param waiting entries that came since its way in ended and wait to be looked at
     */
    record PhoneRow(String id, String name, String said, boolean in, long waiting) {}

    /** Where a phone learns to trust this machine. */
    record Trust(String address, List<String> byNumber, Qr qr, String fingerprint) {

        static Trust of(Lan lan) {
            return new Trust(
                    lan.trustAddress(), lan.trustAddressesByNumber(), Qr.of(lan.trustAddress()), lan.fingerprint());
        }
    }

    static CrewView of(
            Brief brief, Optional<Instant> codeMadeAt, List<Crew.Phone> phones, Map<UUID, Long> waiting, Trust trust) {
        return new CrewView(
                codeMadeAt.map(at -> clock(brief, at)).orElse(""),
                phones.stream()
                        .map(one -> new PhoneRow(
                                one.phone().id().toString(),
                                one.phone().name(),
                                said(brief, one),
                                one.standing() == Standing.HERE,
                                waiting.getOrDefault(one.phone().id(), 0L)))
                        .toList(),
                trust);
    }

    private static String said(Brief brief, Crew.Phone one) {
        if (one.standing() == Standing.HERE) {
            return "in since %s, last there %s"
                    .formatted(
                            clock(brief, one.phone().admittedAt()),
                            clock(brief, one.phone().seenAt()));
        }
        return one.phone()
                .takenBackAt()
                .map(at -> "taken back " + clock(brief, at))
                .orElse("the day is over");
    }

    private static String clock(Brief brief, Instant at) {
        return AT.format(at.atZone(brief.clock()));
    }
}
