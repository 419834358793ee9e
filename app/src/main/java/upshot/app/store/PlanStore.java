package upshot.app.store;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.hibernate.Session;
import org.hibernate.StatelessSession;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/** Plans in the database: loaded with one select a table, saved by the difference of two plans. */
@Component
public class PlanStore {

    private static final int BATCH = 100;

    private final EntityManager entities;

    PlanStore(EntityManager entities) {
        this.entities = entities;
    }

    /** The plan of a job that exists. */
    @Transactional(readOnly = true)
    public Plan load(UUID jobId) {
        List<PlanRecord> records = new ArrayList<>();
        inOneSession(session -> RecordKind.PARENT_FIRST.forEach(kind -> {
            Class<? extends PlanRow> type = RowMapper.rowType(kind);
            session.createQuery("select r from " + type.getSimpleName() + " r where r.jobId = :job", type)
                    .setParameter("job", jobId)
                    .getResultList()
                    .forEach(row -> records.add(RowMapper.toRecord(kind, row)));
        }));
        return Plan.of(records);
    }

    /** Stores a new job's first plan. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void insert(UUID jobId, Plan plan) {
        inOneSession(session -> RecordKind.PARENT_FIRST.forEach(
                kind -> plan.all(kind).forEach(one -> session.insert(RowMapper.toRow(jobId, one)))));
    }

    /** Writes what differs: deletes child first, then inserts and updates parent first. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void update(UUID jobId, Plan before, Plan after) {
        List<RecordKind<?>> childFirst = new ArrayList<>(RecordKind.PARENT_FIRST);
        Collections.reverse(childFirst);
        inOneSession(session -> {
            childFirst.forEach(
                    kind -> missing(kind, before, after).forEach(gone -> session.delete(RowMapper.toRow(jobId, gone))));
            RecordKind.PARENT_FIRST.forEach(kind -> {
                missing(kind, after, before).forEach(added -> session.insert(RowMapper.toRow(jobId, added)));
                changed(kind, before, after).forEach(one -> session.update(RowMapper.toRow(jobId, one)));
            });
        });
    }

    /** Takes a job's whole plan out, child first. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void delete(UUID jobId) {
        List<RecordKind<?>> childFirst = new ArrayList<>(RecordKind.PARENT_FIRST);
        Collections.reverse(childFirst);
        childFirst.forEach(kind -> entities.createQuery(
                        "delete from " + RowMapper.rowType(kind).getSimpleName() + " r where r.jobId = :job")
                .setParameter("job", jobId)
                .executeUpdate());
    }

    /** Records of one plan whose ids the other does not have. */
    private static List<PlanRecord> missing(RecordKind<?> kind, Plan has, Plan lacks) {
        return has.all(kind).stream()
                .filter(one -> lacks.find(kind, one.id()).isEmpty())
                .toList();
    }

    private static List<PlanRecord> changed(RecordKind<?> kind, Plan before, Plan after) {
        return after.all(kind).stream()
                .filter(one -> before.find(kind, one.id())
                        .filter(old -> !old.equals(one))
                        .isPresent())
                .toList();
    }

    /** A stateless session on the transaction's own connection: no first-level cache, batches, no selects. */
    private void inOneSession(Consumer<StatelessSession> work) {
        Session session = entities.unwrap(Session.class);
        session.flush();
        session.doWork(connection -> {
            try (StatelessSession stateless = session.getSessionFactory()
                    .withStatelessOptions()
                    .connection(connection)
                    .openStatelessSession()) {
                stateless.setJdbcBatchSize(BATCH);
                work.accept(stateless);
                // The transaction is Spring's; what is still batched has to be sent before the session closes.
                ((SharedSessionContractImplementor) stateless)
                        .getJdbcCoordinator()
                        .executeBatch();
            }
        });
    }
}
