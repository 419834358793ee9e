package upshot.day;

/** By how many minutes a limit is broken. */
public record Breach(Limit limit, int minutes) {}
