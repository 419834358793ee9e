package upshot.app.brief;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.store.KitTemplate;
import upshot.app.store.KitTemplates;
import upshot.app.web.Arguments;
import upshot.core.brief.GenericKit;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Mode;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.exchange.json.PlanJson;

/** Copies a kit into the job in place of the one it has: one of the generic ones, or one the account keeps. */
@Component
class TakeKit implements Gesture {

    private final KitTemplates templates;

    TakeKit(KitTemplates templates) {
        this.templates = templates;
    }

    @Override
    public String name() {
        return "take-kit";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        String template = arguments.text("template");
        GenericKit generic = arguments.choice("kit", GenericKit.BODY_AND_ZOOM);
        String name =
                template.isEmpty() ? generic.label() : kept(context, template).name();
        List<PlanRecord> records = template.isEmpty()
                ? generic.records(context.ids())
                : renewed(PlanJson.readRecords(kept(context, template).records()), context);
        List<Change> changes = new ArrayList<>();
        List<PlanRecord> before = new ArrayList<>(context.plan().kit());
        Collections.reverse(before);
        before.forEach(old -> changes.add(new Change.Remove(old)));
        records.forEach(added -> changes.add(new Change.Add(added)));
        return Proposal.of("take the kit “%s”".formatted(name), Change.batch(changes));
    }

    private KitTemplate kept(GestureContext context, String id) {
        try {
            return templates
                    .findByIdAndAccountId(UUID.fromString(id), context.accountId())
                    .orElseThrow(() -> new InvalidField("template", "This kit is not kept any more."));
        } catch (IllegalArgumentException notAnId) {
            throw new InvalidField("template", "This kit is not kept any more.");
        }
    }

    /** The same things under new ids: a kit can be taken into one job twice. */
    private static List<PlanRecord> renewed(List<PlanRecord> records, GestureContext context) {
        Map<UUID, UUID> fresh = new HashMap<>();
        records.forEach(one -> fresh.put(one.id(), context.ids().get()));
        return records.stream().map(one -> renewed(one, fresh)).toList();
    }

    private static PlanRecord renewed(PlanRecord one, Map<UUID, UUID> fresh) {
        Object[] values = RecordKind.of(one).fields().stream()
                .map(field -> field.name().equals("id")
                        ? fresh.get(one.id())
                        : one instanceof Mode mode && field.name().equals("bodyId")
                                ? fresh.get(mode.bodyId())
                                : field.of(one))
                .toArray();
        return RecordKind.of(one).create(values);
    }
}
