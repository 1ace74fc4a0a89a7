package hausaufgabe.server;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import org.springframework.data.domain.Persistable;

/** A record whose key is not made by the database: it is new until it was stored, although it has its key from the beginning. */
@MappedSuperclass
public abstract class UnsavedUntilStored<K> implements Persistable<K> {

    @Transient
    private boolean fresh = true;

    @Override
    public boolean isNew() {
        return fresh;
    }

    @PostLoad
    @PostPersist
    void stored() {
        fresh = false;
    }
}
