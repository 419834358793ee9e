package upshot.app.paper;

import java.util.Map;

/**
 * A page for paper.
 *
 * @param template of a well-formed page
 * @param css path of its stylesheet among the shipped ones
 */
public record Sheet(String template, String css, Map<String, Object> model) {}
