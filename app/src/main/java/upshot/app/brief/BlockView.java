package upshot.app.brief;

import java.util.List;

/**
 * One of the blocks that tell the rest of the brief in sentences and open in place.
 *
 * @param id in the address and in the template
 * @param action what the link that opens it says
 * @param sentences what is known; never empty
 */
record BlockView(String id, String title, String action, List<String> sentences, boolean open) {}
