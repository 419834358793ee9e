package upshot.app.handoff;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.app.handoff.ShotView.HoleRow;
import upshot.app.handoff.ShotView.JudgedRow;
import upshot.app.handoff.ShotView.PickUpRow;
import upshot.app.handoff.ShotView.RemarkRow;
import upshot.app.handoff.ShotView.StandInChoice;
import upshot.app.handoff.ShotView.UseTile;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.PickUps;
import upshot.core.handoff.RemarkKind;
import upshot.core.handoff.UseAsShot;
import upshot.core.verdict.Acceptances;
import upshot.core.verdict.Verdict;

/** The cut as shot, use by use. */
final class CutRows {

    private static final double PERCENT = 100;
    /** What could stand in for more than that is looked for when these are filled. */
    private static final int MOST_HOLES = 12;

    private final Verdict planned;
    private final HandedShots.Shot shot;
    private final String chosen;

    CutRows(Verdict planned, HandedShots.Shot shot, String chosen) {
        this.planned = planned;
        this.shot = shot;
        this.chosen = chosen;
    }

    List<UseTile> uses() {
        List<UseTile> tiles = new ArrayList<>();
        double frames = Math.max(1, planned.cut().frames());
        for (int i = 0; i < shot.uses().size(); i++) {
            UseAsShot use = shot.uses().get(i);
            String id = use.placed().use().id().toString();
            String about = use.source()
                    .map(source ->
                            "%s, %s".formatted(use.shown().code(), source.clip().name()))
                    .orElse("%s, nothing kept".formatted(use.placed().shot().code()));
            tiles.add(new UseTile(
                    id,
                    i + 1,
                    PERCENT * use.placed().startFrame() / frames,
                    PERCENT * use.placed().use().frames() / frames,
                    FrameView.of(shot.judged().verdict(), use.shown()),
                    about,
                    use.hole(),
                    Verdict.status(shot.judged().ofUses().get(i)).label(),
                    id.equals(chosen)));
        }
        return tiles;
    }

    String filled() {
        long got = shot.uses().stream().filter(use -> !use.hole()).count();
        double seconds = planned.plan().brief().rate().secondsOf(planned.cut().frames());
        return "%d of %d uses have a keeper; the cut is still %s s to the frame"
                .formatted(got, shot.uses().size(), Wording.number(seconds, 2));
    }

    List<HoleRow> holes() {
        return shot.uses().stream()
                .filter(UseAsShot::hole)
                .limit(MOST_HOLES)
                .map(this::hole)
                .toList();
    }

    private HoleRow hole(UseAsShot use) {
        List<StandInChoice> standIns = PickUps.standIns(shot.judged().verdict(), shot.takes(), use).stream()
                .map(one -> new StandInChoice(
                        one.kept().clip().id().toString(),
                        one.kept().frameAt(one.kept().clean().fromS()),
                        one.kept().shot().code(),
                        one.tells().label() + ", " + (one.clean() ? "cuts clean on both sides" : one.reason())))
                .toList();
        return new HoleRow(
                use.placed().index() + 1,
                use.placed().use().id().toString(),
                use.placed().shot().id().toString(),
                use.placed().shot().code(),
                shot.said().pickUps().contains(use.placed().shot().id()),
                standIns);
    }

    /** Breaks first, as far as nobody lets them stand. */
    List<JudgedRow> judged() {
        List<JudgedRow> rows = new ArrayList<>();
        for (Status status : List.of(Status.BREAK, Status.WATCH)) {
            for (int use = 0; use < shot.uses().size(); use++) {
                add(rows, "Use %d".formatted(use + 1), shot.judged().ofUses().get(use), status);
            }
            Acceptances accepted = Acceptances.of(planned.plan());
            List<List<Finding>> joints = shot.judged().verdict().joints();
            for (int joint = 0; joint < joints.size(); joint++) {
                List<Finding> open = joints.get(joint).stream()
                        .filter(finding -> accepted.ofJoint(finding).isEmpty())
                        .toList();
                add(rows, "Joint %d".formatted(joint + 1), open, status);
            }
        }
        return rows;
    }

    private static void add(List<JudgedRow> rows, String where, List<Finding> findings, Status status) {
        findings.stream()
                .filter(finding -> finding.status() == status)
                .map(finding -> new Finding(
                        finding.ruleId(),
                        finding.status(),
                        finding.subject(),
                        finding.title(),
                        finding.measured(),
                        finding.sentence(),
                        List.of()))
                .forEach(finding -> rows.add(new JudgedRow(where, FindingView.of(finding))));
    }

    List<PickUpRow> pickUps() {
        return PickUps.of(shot.takes(), shot.uses(), shot.said()).stream()
                .map(one -> new PickUpRow(
                        one.shot().id().toString(),
                        one.shot().code(),
                        one.what(),
                        "%d min".formatted(one.minutes()),
                        one.asked()))
                .toList();
    }

    List<RemarkRow> remarks() {
        Map<UUID, UseAsShot> uses = shot.uses().stream()
                .collect(Collectors.toMap(use -> use.placed().use().id(), use -> use));
        return shot.said().remarks().stream()
                .map(remark -> remark(remark, uses))
                .toList();
    }

    private static RemarkRow remark(HandOffEntry remark, Map<UUID, UseAsShot> uses) {
        UseAsShot use = uses.get(remark.useId().orElseThrow());
        return new RemarkRow(
                use == null ? 0 : use.placed().index() + 1,
                use == null ? "a use that is gone" : use.shown().code(),
                RemarkKind.valueOf(remark.words()).label(),
                remark.remark());
    }
}
