package upshot.core.finding;

/** Something that the program holds plans against. */
public interface Rule {

    /** Stable, in lower case with hyphens: findings that were let stand are stored by it. */
    String id();

    /** What it says of itself. */
    RuleCard card();
}
