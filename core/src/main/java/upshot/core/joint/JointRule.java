package upshot.core.joint;

import upshot.core.finding.Rule;

/** A rule about one joint. Rules hold no state; how far one sees is said by its kind, and it is shown nothing else. */
public sealed interface JointRule extends Rule permits MeetingRule, PastRule, DayRule {}
