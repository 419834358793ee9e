package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A kit that an account keeps, to be copied into jobs. */
@Entity
@Table(name = "kit_template")
public class KitTemplate {

    @Id
    private UUID id;

    private UUID accountId;
    private String name;
    private String records;

    protected KitTemplate() {}

    public KitTemplate(UUID id, UUID accountId, String name, String records) {
        this.id = id;
        this.accountId = accountId;
        this.name = name;
        this.records = records;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public String records() {
        return records;
    }

    public void replace(String with) {
        records = with;
    }
}
