package upshot.app.brief;

import java.util.Arrays;
import java.util.List;
import upshot.app.web.Press;
import upshot.app.web.ToggleView;
import upshot.core.finding.Wording;
import upshot.core.plan.Change;
import upshot.core.plan.Spot;

/** How bright places usually are, for those who carry no meter: round figures, good to half a stop or a stop. */
enum UsualLight {
    STREET_AT_NIGHT("street at night", 10),
    DUSK("after sunset", 60),
    LIVING_ROOM("living room", 150),
    WORKSHOP("workshop, office", 400),
    BRIGHT_SHOP("bright shop", 800),
    STAGE("lit stage", 1500),
    OVERCAST("overcast day", 10_000),
    SHADE("shade on a clear day", 20_000),
    SUN("full sun", 80_000);

    private final String label;
    private final double lux;

    UsualLight(String label, double lux) {
        this.label = label;
        this.lux = lux;
    }

    /** Buttons that set a spot's light. */
    static List<ToggleView> choices(Spot spot) {
        return Arrays.stream(values())
                .map(one -> new ToggleView(
                        "%s %s lx".formatted(one.label, Wording.number(one.lux, 0)),
                        one.lux == spot.lux(),
                        Press.change(Change.edit(spot, lit -> lit.withLux(one.lux)))))
                .toList();
    }
}
