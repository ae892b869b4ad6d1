package humblequill.server.appointment;

import humblequill.core.plan.Appointment;
import humblequill.core.plan.Appointments;
import humblequill.server.edge.Refusal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the fixed appointments. */
@Service
public class AppointmentService {
  private final AppointmentRepository repository;

  AppointmentService(AppointmentRepository repository) {
    this.repository = repository;
  }

  /** All appointments as the planner knows them. */
  @Transactional(readOnly = true)
  public Appointments appointments() {
    return new Appointments(read().stream().map(AppointmentService::toCore).toList());
  }

  /** All appointments, by title. */
  @Transactional(readOnly = true)
  public List<AppointmentView> read() {
    return repository.findAll().stream()
        .sorted(Comparator.comparing((AppointmentEntity e) -> e.title).thenComparing(e -> e.id))
        .map(AppointmentService::view)
        .toList();
  }

  /** Replaces all appointments. */
  @Transactional
  public List<AppointmentView> write(List<AppointmentView> wanted) {
    check(wanted);
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
      entity.poses =
          view.poses().stream()
              .map(p -> p.count() + "x" + p.secondsEach())
              .collect(Collectors.joining(" "));
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
        throw Refusal.badValue("id", view.id(), "The id " + view.id() + " is there twice.");
      }
      try {
        checked.add(toCore(view));
      } catch (IllegalArgumentException e) {
        throw Refusal.badValue("to", view.to(), "Not kept: " + e.getMessage() + ".");
      }
    }
    return new Appointments(checked);
  }

  private static AppointmentView view(AppointmentEntity e) {
    var poses =
        Arrays.stream(e.poses.split(" "))
            .filter(p -> !p.isEmpty())
            .map(p -> p.split("x"))
            .map(p -> new AppointmentView.PosesView(Integer.parseInt(p[0]), Integer.parseInt(p[1])))
            .toList();
    return new AppointmentView(
        e.id, e.title, e.weekday, e.fromDay, e.toDay, e.begins, e.minutes, poses);
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
        v.poses().stream().map(p -> new Appointment.Poses(p.count(), p.secondsEach())).toList());
  }
}
