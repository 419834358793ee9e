package upshot.app.ground;

import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.job.EditRefused;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.store.Stills;
import upshot.app.web.Arguments;
import upshot.app.web.FileReading;
import upshot.core.ground.FloorPlan;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Underlay;
import upshot.exchange.still.Still;
import upshot.exchange.still.Straightened;
import upshot.exchange.text.Unreadable;

/** Makes a picture under a plan straight by four corners; that it lies there then is an edit like any other. */
@RestController
class StraightenController {

    private static final double SAME = 0.02;

    private final Stills stills;
    private final FileReading files;
    private final JudgedPlans plans;

    StraightenController(Stills stills, FileReading files, JudgedPlans plans) {
        this.stills = stills;
        this.files = files;
        this.plans = plans;
    }

    /**
     * What is asked.
     *
     * @param arguments which picture, four points of the plan from the near left one on, and how wide and deep what they
     *     enclose is
     */
    record Asked(Map<String, String> arguments) {}

    /** @return what lays the straight picture under the plan, in words of that gesture */
    @PostMapping("/jobs/{jobId}/ground/straightened")
    Map<String, String> straighten(Job job, @RequestBody Asked asked) {
        Arguments arguments = new Arguments(asked.arguments() == null ? Map.of() : asked.arguments());
        Plan plan = plans.current(job.id(), job.ownerId()).verdict().plan();
        Underlay under = arguments.chosen(plan, RecordKind.UNDERLAY, "id");
        List<Corner> points = Points.read("points", arguments.text("points"), 4);
        double wide = length(arguments, "wide");
        double deep = length(arguments, "deep");
        if (stills.full(job.id())) {
            throw new EditRefused("This job holds %d pictures already; that is the most.".formatted(Stills.MOST));
        }
        byte[] jpeg = stills.find(job.id(), under.still())
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        try {
            Still straight = files.read(() -> Straightened.of(jpeg, onPicture(under, points), wide / deep));
            stills.keep(job.id(), straight);
            Corner near = near(plan, under, points.get(0), wide, deep);
            return Map.of(
                    "spotId",
                    under.spotId().toString(),
                    "still",
                    straight.hash(),
                    "ratio",
                    "" + wide / deep,
                    "wide",
                    "" + wide,
                    "across",
                    "" + near.acrossM(),
                    "deep",
                    "" + near.deepM());
        } catch (Unreadable reason) {
            throw new EditRefused(reason.getMessage());
        }
    }

    /** The whole floor lies where the floor is, anything else where its near left corner was marked. */
    private static Corner near(Plan plan, Underlay under, Corner marked, double wide, double deep) {
        FloorPlan floor = FloorPlan.of(plan, plan.get(RecordKind.SPOT, under.spotId()));
        boolean whole = Math.abs(wide / floor.wideM() - 1) < SAME && Math.abs(deep / floor.deepM() - 1) < SAME;
        return whole ? LayUnder.near(floor) : marked;
    }

    private static double length(Arguments arguments, String name) {
        double metres = arguments.number(name, 0);
        if (!(metres >= 0.1 && metres <= 1000)) {
            throw new InvalidField(name, "Say how long that is, 0.1 to 1000 m.");
        }
        return metres;
    }

    /** From near left, near right, far right, far left on the floor to the corners of the picture from its upper left on. */
    private static List<Straightened.Point> onPicture(Underlay under, List<Corner> points) {
        return List.of(points.get(3), points.get(2), points.get(1), points.get(0)).stream()
                .map(one -> new Straightened.Point(
                        (one.acrossM() - under.acrossM()) / under.wideM(),
                        1 - (one.deepM() - under.deepM()) / under.highM()))
                .toList();
    }
}
