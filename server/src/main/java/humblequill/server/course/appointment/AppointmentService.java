package humblequill.server.course.appointment;

import humblequill.core.course.plan.Appointment;
import humblequill.core.course.plan.Appointments;
import humblequill.core.day.entry.Poses;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.server.day.entry.PosesView;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameRef;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.name.NameUses;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the fixed appointments. */
@Service
public class AppointmentService implements NameUses {
  private final AppointmentRepository repository;
  private final NameService names;
  private final Remembered<Appointments> stored;

  AppointmentService(AppointmentRepository repository, NameService names, Memory memory) {
    this.repository = repository;
    this.names = names;
    this.stored = memory.remember("fixed appointments", AppointmentEntity.class);
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Long> uses() {
    return repository.findAll().stream()
        .filter(e -> e.resourceId != null)
        .collect(Collectors.groupingBy(e -> e.resourceId, Collectors.counting()));
  }

  /** All appointments as the planner knows them. */
  @Transactional(readOnly = true)
  public Appointments appointments() {
    return stored.get(
        () -> new Appointments(read().stream().map(AppointmentService::toCore).toList()));
  }

  /** All appointments, by title. */
  @Transactional(readOnly = true)
  public List<AppointmentView> read() {
    var known = names.names();
    return repository.findAll().stream()
        .sorted(Comparator.comparing((AppointmentEntity e) -> e.title).thenComparing(e -> e.id))
        .map(e -> view(e, known))
        .toList();
  }

  /** Replaces all appointments. */
  @Transactional
  public List<AppointmentView> write(List<AppointmentView> wanted) {
    check(wanted).all().stream()
        .filter(a -> !a.holdsItsPoses())
        .findFirst()
        .ifPresent(AppointmentService::refuse);
    var refs = new HashMap<UUID, NameRef>();
    wanted.forEach(view -> refs.put(view.id(), names.refer(NameKind.RESOURCE, view.resource())));
    var ids = wanted.stream().map(AppointmentView::id).collect(Collectors.toSet());
    repository.findAll().stream().filter(e -> !ids.contains(e.id)).forEach(repository::delete);
    for (var view : wanted) {
      var entity = repository.findById(view.id()).orElseGet(AppointmentEntity::new);
      entity.id = view.id();
      entity.title = view.title().strip();
      entity.weekday = view.weekday();
      entity.fromDay = view.from();
      entity.toDay = view.weekday() == null ? null : view.to();
      entity.begins = view.start();
      entity.minutes = view.minutes();
      entity.poses = PosesView.toCore(view.poses()).written();
      entity.resource = refs.get(view.id()) == null ? null : refs.get(view.id()).text();
      entity.resourceId = NameRef.idOf(refs.get(view.id()));
      repository.save(entity);
    }
    repository.flush();
    return read();
  }

  /** The appointments as the planner would know them; nothing is kept. */
  Appointments check(List<AppointmentView> wanted) {
    var ids = new HashSet<UUID>();
    var checked = new ArrayList<Appointment>();
    for (var view : wanted) {
      if (!ids.add(view.id())) {
        throw Refusal.badValue(
            "id", view.id(), Message.of("course.appointmentTwice", "id", view.id()));
      }
      try {
        checked.add(toCore(view));
      } catch (IllegalArgumentException e) {
        throw Refusal.badValue(
            "to", view.to(), Message.of("ground.notKept", "why", Message.why(e)));
      }
    }
    return new Appointments(checked);
  }

  private static void refuse(Appointment a) {
    throw Refusal.badValue(
        "poses",
        a.poses().written(),
        Message.of(
            "course.posesTakeLonger",
            "title",
            a.title(),
            "needed",
            (a.poses().seconds() + 59) / 60,
            "minutes",
            a.minutes()));
  }

  private static AppointmentView view(AppointmentEntity e, Names known) {
    return new AppointmentView(
        e.id,
        e.title,
        e.weekday,
        e.fromDay,
        e.toDay,
        e.begins,
        e.minutes,
        PosesView.of(Poses.read(e.poses)),
        NameService.called(known, e.resourceId));
  }

  private static Appointment toCore(AppointmentView v) {
    return new Appointment(
        v.id().toString(),
        v.title(),
        Optional.ofNullable(v.weekday()),
        v.from(),
        Optional.ofNullable(v.to()),
        v.start(),
        v.minutes(),
        PosesView.toCore(v.poses()));
  }
}
