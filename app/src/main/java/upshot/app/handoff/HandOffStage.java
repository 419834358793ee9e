package upshot.app.handoff;

import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.app.remark.RemarkView;
import upshot.app.store.EditorLinks;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.order.NotFitting;
import upshot.core.plan.Accepted;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.RecordKind;
import upshot.core.shot.ShotNumbers;
import upshot.core.verdict.Acceptances;
import upshot.core.verdict.Verdict;

/** The hand-off: the lists to take away, what they hold, and what an editor should know beforehand. */
@Component
class HandOffStage implements Stage {

    /** In a longer list most drawings come after the page. */
    private static final int FEW = 60;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    /** As many as a first window shows. */
    private static final int DRAWN_AT_ONCE = 16;

    private final RemarkView.Shown remarks;
    private final HandedShots handed;
    private final Offloads offloads;
    private final EditorLinks links;
    private final Clock clock;

    HandOffStage(RemarkView.Shown remarks, HandedShots handed, Offloads offloads, EditorLinks links, Clock clock) {
        this.links = links;
        this.clock = clock;
        this.remarks = remarks;
        this.handed = handed;
        this.offloads = offloads;
    }

    @Override
    public int digit() {
        return 7;
    }

    @Override
    public String slug() {
        return "hand-off";
    }

    @Override
    public String title() {
        return "Hand-off";
    }

    @Override
    public List<String> pieces() {
        return List.of("summary", "shot", "lists", "warnings");
    }

    /** A row of the list by the cut. */
    record Row(
            int place,
            String from,
            FrameView frame,
            String move,
            String rate,
            String shutter,
            String hold,
            int takes,
            String seconds,
            String note) {}

    /** Who looks decides which remarks can be taken back. */
    @Override
    public String beside(SignedIn who) {
        return who.id().toString();
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        Map<String, Object> model = new LinkedHashMap<>();
        model.put(
                "rows",
                verdict.cut().uses().stream()
                        .map(placed -> row(verdict, placed))
                        .toList());
        model.put("warnings", warnings(verdict));
        model.put("noShots", verdict.plan().shots().isEmpty());
        model.put("remarks", remarks.all(verdict.plan(), request));
        model.put("shot", shot(verdict, request));
        model.put("linkUntil", linkUntil(request));
        model.put(
                "jobFolder",
                Offloads.jobFolder(request.jobId(), verdict.plan().brief().name()));
        return model;
    }

    private String linkUntil(StageRequest request) {
        return links.expiresAt(request.jobId(), clock.instant())
                .map(at -> DAY.format(at.atZone(ZoneId.systemDefault())))
                .orElse("");
    }

    private ShotView shot(Verdict verdict, StageRequest request) {
        HandedShots.Shot shot = handed.of(request.jobId(), request.version(), verdict);
        String take = request.parameters().getOrDefault("take", "");
        String use = request.parameters().getOrDefault("use", "");
        ShotRows rows = new ShotRows(verdict, shot.takes(), shot.said(), shot.uses(), take);
        CutRows cut = new CutRows(verdict, shot, use);
        List<ShotView.TakeRow> takes = rows.takes();
        boolean read = !shot.said().clips().isEmpty();
        return new ShotView(
                rows.summary(),
                new CardRows(shot.takes(), shot.said(), rows.zone(), shot.lastTakeReceivedAt())
                        .cards(offloads.of(request.jobId())),
                rows.matched(takes),
                takes,
                rows.leftOver().stream().map(rows::choice).toList(),
                read ? cut.uses() : List.of(),
                cut.filled(),
                read ? cut.holes() : List.of(),
                read ? cut.judged() : List.of(),
                read ? cut.pickUps() : List.of(),
                cut.remarks(),
                new PanelRows(shot, rows).of(take, use).orElse(null),
                takes.isEmpty() && shot.said().clips().isEmpty());
    }

    private static Row row(Verdict verdict, Placed placed) {
        Brief brief = verdict.plan().brief();
        ShotNumbers numbers = verdict.numbers().get(placed.shot().id());
        return new Row(
                placed.index() + 1,
                Wording.number(brief.rate().secondsOf(placed.startFrame()), 2),
                verdict.cut().uses().size() > FEW && placed.index() >= DRAWN_AT_ONCE
                        ? FrameView.late(verdict, placed.shot())
                        : FrameView.of(verdict, placed.shot()),
                placed.shot().move().label(),
                placed.shot().captureRate().label(),
                numbers.shutter().toString(),
                Wording.number(numbers.hold().cleanS(), 1),
                placed.shot().takes(),
                Wording.number(brief.rate().secondsOf(placed.use().frames()), 2),
                placed.shot().note());
    }

    private static List<String> warnings(Verdict verdict) {
        List<String> holes = verdict.holes().stream()
                .map(hole -> {
                    Action action = verdict.plan().get(RecordKind.ACTION, hole.actionId());
                    return "No %s of “%s”. %s".formatted(hole.sizeClass().label(), action.name(), hole.misses());
                })
                .toList();
        List<String> warnings = new ArrayList<>(holes);
        Acceptances accepted = Acceptances.of(verdict.plan());
        for (int joint = 0; joint < verdict.joints().size(); joint++) {
            int number = joint + 1;
            verdict.joints().get(joint).stream()
                    .filter(finding -> finding.status() != Status.CLEAR)
                    .map(finding -> said(number, finding) + letStand(accepted.ofJoint(finding)))
                    .forEach(warnings::add);
        }
        verdict.whole().stream()
                .map(finding -> "The whole cut, %s: %s %s%s"
                        .formatted(
                                finding.status().label(),
                                finding.title(),
                                finding.sentence(),
                                letStand(accepted.ofWhole(finding))))
                .forEach(warnings::add);
        warnings.addAll(NotFitting.of(verdict.plan(), verdict.day()).inWords());
        return warnings;
    }

    /** Why somebody lets a finding stand, for whoever cuts. */
    private static String letStand(Optional<Accepted> accepted) {
        return accepted.map(one -> " Let stand: " + one.reason()).orElse("");
    }

    private static String said(int joint, Finding finding) {
        return "Joint %d, %s: %s %s".formatted(joint, finding.status().label(), finding.title(), finding.sentence());
    }
}
