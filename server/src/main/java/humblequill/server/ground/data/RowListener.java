package humblequill.server.ground.data;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.AbstractCollectionEvent;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostCollectionRecreateEvent;
import org.hibernate.event.spi.PostCollectionRecreateEventListener;
import org.hibernate.event.spi.PostCollectionRemoveEvent;
import org.hibernate.event.spi.PostCollectionRemoveEventListener;
import org.hibernate.event.spi.PostCollectionUpdateEvent;
import org.hibernate.event.spi.PostCollectionUpdateEventListener;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostDeleteEventListener;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.stereotype.Component;

/**
 * Tells {@link Memory} each row that Hibernate writes. What is written past Hibernate's events, by
 * an update or delete in bulk, is not seen: no entity that something is cached of is written so.
 */
@Component
class RowListener
    implements PostInsertEventListener,
        PostUpdateEventListener,
        PostDeleteEventListener,
        PostCollectionRecreateEventListener,
        PostCollectionUpdateEventListener,
        PostCollectionRemoveEventListener {
  private static final Object[] NOTHING = {};

  private final transient Memory memory;

  RowListener(EntityManagerFactory sessions, Memory memory) {
    this.memory = memory;
    var registry =
        sessions
            .unwrap(SessionFactoryImplementor.class)
            .getServiceRegistry()
            .requireService(EventListenerRegistry.class);
    registry.appendListeners(EventType.POST_INSERT, this);
    registry.appendListeners(EventType.POST_UPDATE, this);
    registry.appendListeners(EventType.POST_DELETE, this);
    registry.appendListeners(EventType.POST_COLLECTION_RECREATE, this);
    registry.appendListeners(EventType.POST_COLLECTION_UPDATE, this);
    registry.appendListeners(EventType.POST_COLLECTION_REMOVE, this);
  }

  @Override
  public void onPostInsert(PostInsertEvent event) {
    written(event.getPersister(), NOTHING, event.getState());
  }

  @Override
  public void onPostUpdate(PostUpdateEvent event) {
    var before = event.getOldState();
    written(event.getPersister(), before == null ? NOTHING : before, event.getState());
  }

  @Override
  public void onPostDelete(PostDeleteEvent event) {
    written(event.getPersister(), event.getDeletedState(), NOTHING);
  }

  private void written(EntityPersister entity, Object[] before, Object[] after) {
    memory.written(entity.getMappedClass(), List.of(entity.getPropertyNames()), before, after);
  }

  @Override
  public void onPostRecreateCollection(PostCollectionRecreateEvent event) {
    collection(event);
  }

  @Override
  public void onPostUpdateCollection(PostCollectionUpdateEvent event) {
    collection(event);
  }

  @Override
  public void onPostRemoveCollection(PostCollectionRemoveEvent event) {
    collection(event);
  }

  private void collection(AbstractCollectionEvent event) {
    var owner = event.getAffectedOwnerOrNull();
    if (owner != null) {
      var entity =
          event
              .getSession()
              .getFactory()
              .getMappingMetamodel()
              .getEntityDescriptor(owner.getClass());
      written(entity, NOTHING, entity.getValues(owner));
    }
  }

  @Override
  public boolean requiresPostCommitHandling(EntityPersister entity) {
    return false;
  }
}
