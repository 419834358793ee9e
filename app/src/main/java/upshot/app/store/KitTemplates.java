package upshot.app.store;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Kits by account. */
public interface KitTemplates extends Repository<KitTemplate, UUID> {

    KitTemplate save(KitTemplate template);

    void delete(KitTemplate template);

    List<KitTemplate> findByAccountIdOrderByName(UUID accountId);

    Optional<KitTemplate> findByAccountIdAndName(UUID accountId, String name);

    Optional<KitTemplate> findByIdAndAccountId(UUID id, UUID accountId);
}
