package humblequill.server.course.plan;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.placement.Extras;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;

/** A change of a plan as the client asks for it; each kind has just what it needs. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = ChangeToMake.Stretch.class, name = "STRETCH"),
  @JsonSubTypes.Type(value = ChangeToMake.UntilDone.class, name = "UNTIL_DONE"),
  @JsonSubTypes.Type(value = ChangeToMake.Repeat.class, name = "REPEAT"),
  @JsonSubTypes.Type(value = ChangeToMake.Skip.class, name = "SKIP"),
  @JsonSubTypes.Type(value = ChangeToMake.Swap.class, name = "SWAP"),
  @JsonSubTypes.Type(value = ChangeToMake.EmptyWeek.class, name = "EMPTY"),
  @JsonSubTypes.Type(value = ChangeToMake.DetourOfCourse.class, name = "DETOUR_OF_COURSE"),
  @JsonSubTypes.Type(value = ChangeToMake.DetourForTopic.class, name = "DETOUR_FOR_TOPIC"),
  @JsonSubTypes.Type(value = ChangeToMake.Wait.class, name = "PAUSE"),
  @JsonSubTypes.Type(value = ChangeToMake.Slide.class, name = "SLIDE"),
  @JsonSubTypes.Type(value = ChangeToMake.LetGo.class, name = "LET_GO"),
  @JsonSubTypes.Type(value = ChangeToMake.DropUnits.class, name = "DROP"),
  @JsonSubTypes.Type(value = ChangeToMake.OtherPace.class, name = "PACE"),
  @JsonSubTypes.Type(value = ChangeToMake.MinutesADay.class, name = "MINUTES_A_DAY"),
  @JsonSubTypes.Type(value = ChangeToMake.WarmUp.class, name = "WARM_UP"),
  @JsonSubTypes.Type(value = ChangeToMake.MoreOf.class, name = "MORE_OF"),
  @JsonSubTypes.Type(value = ChangeToMake.SubjectAgain.class, name = "BASELINE"),
  @JsonSubTypes.Type(value = ChangeToMake.OtherPolicy.class, name = "POLICY")
})
public sealed interface ChangeToMake {
  /**
   * What a change is made on.
   *
   * @param key names what the change brings in
   * @param weeksOf weeks of a course by its id
   */
  record Ground(
      PlacedCourse placed,
      String key,
      LocalDate today,
      Function<String, List<CourseWeek>> weeksOf) {}

  /** The change as the rules know it. */
  List<PlanChange> toCore(Ground ground);

  /** Units of an exercise. */
  record Units(@NotNull @Size(max = 80) String exerciseId, @Min(1) int count) {
    private static Map<String, Integer> byId(List<Units> units) {
      var byId = new TreeMap<String, Integer>();
      units.forEach(u -> byId.merge(u.exerciseId(), u.count(), Integer::sum));
      return byId;
    }
  }

  private static String topicName(String topic) {
    var name = topic.strip();
    if (name.codePoints().noneMatch(Character::isLetterOrDigit)) {
      throw Refusal.badValue("topic", name, Message.of("course.topicWithoutLetter", "topic", name));
    }
    return name;
  }

  /** A week's length. */
  record Stretch(@NotNull @Size(max = 80) String week, @Min(1) @Max(120) int days)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Stretch(week, days));
    }
  }

  /** Whether a week lasts until its work is done. */
  record UntilDone(@NotNull @Size(max = 80) String week, boolean on) implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.UntilDone(week, on));
    }
  }

  /** A week once more. */
  record Repeat(@NotNull @Size(max = 80) String week) implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Repeat(week, ground.key()));
    }
  }

  /** A week left out. */
  record Skip(@NotNull @Size(max = 80) String week) implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Skip(week, ground.today()));
    }
  }

  /** Two weeks' places. */
  record Swap(@NotNull @Size(max = 80) String week, @NotNull @Size(max = 80) String other)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Swap(week, other));
    }
  }

  /** An empty week before another. */
  record EmptyWeek(@NotNull @Size(max = 80) String week, @Min(1) @Max(120) int days)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Empty(week, ground.key(), days));
    }
  }

  /** Weeks of another course, by their numbers, before a week. */
  record DetourOfCourse(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = 80) String courseId,
      @NotNull @Size(min = 1, max = 60) List<@NotNull Integer> courseWeeks)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      var all = ground.weeksOf().apply(courseId);
      var weeks = courseWeeks.stream().map(number -> week(all, number)).toList();
      return List.of(new PlanChange.Detour(week, ground.key(), weeks));
    }

    private static CourseWeek week(List<CourseWeek> all, int number) {
      if (number < 1 || number > all.size()) {
        throw Refusal.badValue(
            "courseWeeks",
            number,
            Message.of("course.weeksOfCourse", "last", all.size(), "number", number));
      }
      return all.get(number - 1);
    }
  }

  /** A week for a topic, before another week. */
  record DetourForTopic(
      @NotNull @Size(max = 80) String week, @NotNull @Size(max = Name.MAX_TEXT) String topic)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      var weeks = List.of(Extras.weekFor(topicName(topic), ground.key()));
      return List.of(new PlanChange.Detour(week, ground.key(), weeks));
    }
  }

  /** Days on which the course waits. */
  record Wait(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = 120) List<@NotNull LocalDate> dates)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      for (var date : dates) {
        if (date.isBefore(ground.today())) {
          throw Refusal.badValue("dates", date, Message.of("course.pauseInPast", "date", date));
        }
      }
      return List.of(new PlanChange.Pause(week, Set.copyOf(dates)));
    }
  }

  /** Missed days come again at the end. */
  record Slide(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = 120) List<@NotNull LocalDate> dates)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Slide(week, Set.copyOf(dates)));
    }
  }

  /** What missed days would have held is dropped. */
  record LetGo(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = 120) List<@NotNull LocalDate> dates,
      @NotNull @Size(max = 60) List<@Valid @NotNull Units> units)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.LetGo(week, Set.copyOf(dates), Units.byId(units)));
    }
  }

  /** Less work. */
  record DropUnits(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = 60) List<@Valid @NotNull Units> units)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Drop(week, Units.byId(units)));
    }
  }

  /** Another pace for an exercise. */
  record OtherPace(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = 80) String exerciseId,
      @Min(1) @Max(28_800) int secondsEach)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Pace(week, exerciseId, secondsEach));
    }
  }

  /** At least so many minutes on the days of a week; 0 takes it back. */
  record MinutesADay(@NotNull @Size(max = 80) String week, @Min(0) @Max(960) int minutes)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.MinutesADay(week, minutes));
    }
  }

  /** A warm-up for a topic. */
  record WarmUp(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = Name.MAX_TEXT) String topic,
      @Min(1) @Max(960) int minutes)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      var warmUp = Extras.warmUp(topicName(topic), minutes, ground.key());
      return List.of(new PlanChange.Add(week, warmUp));
    }
  }

  /** More drawings of a topic, parted among weeks. */
  record MoreOf(
      @NotNull @Size(max = Name.MAX_TEXT) String topic,
      @Min(1) @Max(200) int drawings,
      @Min(1) @Max(28_800) int secondsEach,
      @NotNull @Size(min = 1, max = 12) List<@NotNull @Size(max = 80) String> weeks)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return Extras.moreOf(topicName(topic), drawings, secondsEach, weeks, ground.key());
    }
  }

  /** A subject drawn now and once more at the end. */
  record SubjectAgain(
      @NotNull @Size(max = 80) String week, @NotNull @Size(max = Name.MAX_TEXT) String topic)
      implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return Extras.subject(topicName(topic), ground.placed().placement(), week, ground.key());
    }
  }

  /** What becomes of missed work from now on. */
  record OtherPolicy(@NotNull MissedWork policy) implements ChangeToMake {
    @Override
    public List<PlanChange> toCore(Ground ground) {
      return List.of(new PlanChange.Policy(policy));
    }
  }
}
