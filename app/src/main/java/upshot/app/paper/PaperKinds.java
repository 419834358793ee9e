package upshot.app.paper;

import java.util.List;

/** Papers that differ by size or scale alone, as one bean. */
public record PaperKinds(List<PaperKind> all) {

    public PaperKinds {
        all = List.copyOf(all);
    }
}
