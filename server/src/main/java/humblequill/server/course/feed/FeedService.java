package humblequill.server.course.feed;

import humblequill.core.course.Exercise;
import humblequill.core.course.plan.DayPlan;
import humblequill.core.ground.calendar.ICalendar;
import humblequill.core.ground.message.Message;
import humblequill.server.course.plan.PlanService;
import humblequill.server.ground.message.Words;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.shelf.DueBack;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the plan as a calendar: whole days for shares, timed events for appointments. */
@Service
class FeedService {
  private static final int DAYS_OF_APPOINTMENTS = 120;
  private static final int SECRET_BYTES = 18;

  private final FeedRepository repository;
  private final PlanService plans;
  private final DueBack dueBack;
  private final SettingsService settings;

  FeedService(
      FeedRepository repository, PlanService plans, DueBack dueBack, SettingsService settings) {
    this.dueBack = dueBack;
    this.repository = repository;
    this.plans = plans;
    this.settings = settings;
  }

  /** The secret, made when it is first asked for. */
  @Transactional
  String secret() {
    return repository.findById(FeedEntity.ONLY).orElseGet(this::renewed).secret;
  }

  /** A new secret; the old address answers no more. */
  @Transactional
  String renew() {
    return renewed().secret;
  }

  private FeedEntity renewed() {
    var entity = repository.findById(FeedEntity.ONLY).orElseGet(FeedEntity::new);
    var bytes = new byte[SECRET_BYTES];
    new SecureRandom().nextBytes(bytes);
    entity.secret = HexFormat.of().formatHex(bytes);
    return repository.saveAndFlush(entity);
  }

  @Transactional(readOnly = true)
  boolean isSecret(String told) {
    return repository
        .findById(FeedEntity.ONLY)
        .filter(e -> MessageDigest.isEqual(e.secret.getBytes(), told.getBytes()))
        .isPresent();
  }

  @Transactional(readOnly = true)
  String calendar() {
    var learner = settings.learner();
    var planning = plans.planning(learner);
    var events = new ArrayList<ICalendar.Event>();
    for (var placed : planning.followed()) {
      for (var week : placed.placement().weeks()) {
        if (week.to().isBefore(learner.today())) {
          continue;
        }
        var planned = plans.planned(planning, placed, week);
        for (var day : planned.open().outlook().days()) {
          if (!day.shares().isEmpty()) {
            events.add(shares(planned, day));
          }
        }
      }
    }
    events.addAll(appointments(planning, learner));
    dueBack
        .all()
        .forEach(
            due ->
                events.add(
                    new ICalendar.Days(
                        due.id() + "/due@humble-quill",
                        Words.say(Message.of("course.dueBack", "name", due.name())),
                        "",
                        due.on(),
                        due.on())));
    return ICalendar.write("Humble Quill", events, learner.now());
  }

  private static ICalendar.Event shares(PlanService.PlannedWeek planned, DayPlan day) {
    var course = planned.placed().placement().course().title();
    int minutes = Math.round(day.plannedSeconds() / 60f);
    var lines =
        day.shares().stream()
            .map(
                s -> {
                  var e = planned.exercise(s.exerciseId());
                  boolean counted = e.target().unit() == Exercise.Unit.DRAWINGS;
                  return Words.say(
                      Message.of(
                          counted ? "course.drawingsOf" : "course.minutesOf",
                          "count",
                          s.count(),
                          "exercise",
                          e.title()));
                })
            .collect(Collectors.joining("\n"));
    return new ICalendar.Days(
        planned.placed().id() + "/" + day.date() + "@humble-quill",
        Words.say(
            Message.of(
                "course.dayToDraw", "minutes", minutes, "week", planned.week().week().title())),
        course + "\n" + lines,
        day.date(),
        day.date());
  }

  private static List<ICalendar.Event> appointments(
      PlanService.Planning planning, Learner learner) {
    return Stream.iterate(learner.today(), d -> d.plusDays(1))
        .limit(DAYS_OF_APPOINTMENTS)
        .flatMap(
            date -> planning.appointments().on(date).stream().map(a -> timed(a, date, learner)))
        .toList();
  }

  private static ICalendar.Event timed(
      humblequill.core.course.plan.Appointment a, LocalDate date, Learner learner) {
    var begins = date.atTime(a.start()).atZone(learner.clock().zone()).toInstant();
    return new ICalendar.Timed(
        a.id() + "/" + date + "@humble-quill",
        a.title(),
        "",
        begins,
        begins.plusSeconds(a.minutes() * 60L));
  }
}
