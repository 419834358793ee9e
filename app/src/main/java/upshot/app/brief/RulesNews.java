package upshot.app.brief;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import upshot.core.finding.Rule;
import upshot.core.house.Threshold;
import upshot.core.plan.Plan;
import upshot.core.verdict.AllRules;
import upshot.core.verdict.Edition;
import upshot.core.verdict.Outlook;
import upshot.core.verdict.Verdict;

/**
 * What an edition of the rules changes in a job that was planned before it.
 *
 * @param came findings of the plan as it is that the rules before would not have made
 * @param went findings that they would have made
 * @param figures those that were changed, with what holds here
 * @param added titles of rules that there were not
 * @param otherwise titles of rules that look at something else now
 */
record RulesNews(
        List<String> came,
        List<String> went,
        List<FigureView> figures,
        List<RuleLink> added,
        List<RuleLink> otherwise) {

    /** A figure that was changed; {@code here} is what holds in this job. */
    record FigureView(String label, String before, String now, String here) {}

    /** A rule on the same page. */
    record RuleLink(String id, String title) {}

    static RulesNews of(Edition edition, Verdict verdict) {
        Outlook brought = edition.brought(verdict);
        return new RulesNews(
                brought.raises(),
                brought.clears(),
                edition.before().keySet().stream()
                        .sorted()
                        .map(one -> figure(verdict.plan(), one, edition.before().get(one)))
                        .toList(),
                named(edition.added()),
                named(edition.otherwise()));
    }

    private static FigureView figure(Plan plan, Threshold one, double before) {
        return new FigureView(
                one.label(),
                HouseView.figure(before, one.unit()),
                HouseView.figure(one.usual(), one.unit()),
                plan.adjustment(one)
                        .map(moved -> HouseView.figure(moved.value(), one.unit()))
                        .orElse(""));
    }

    private static List<RuleLink> named(Set<String> ids) {
        return AllRules.all().stream()
                .flatMap(group -> group.rules().stream())
                .filter(rule -> ids.contains(rule.id()))
                .sorted(Comparator.comparing((Rule rule) -> rule.card().title()))
                .map(rule -> new RuleLink(rule.id(), rule.card().title()))
                .toList();
    }
}
