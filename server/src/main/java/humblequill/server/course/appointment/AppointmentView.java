package humblequill.server.course.appointment;

import humblequill.core.ground.name.Name;
import humblequill.server.day.entry.PosesView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A fixed appointment as read and written.
 *
 * @param id made by the client
 * @param weekday of a weekly one; null for a single date
 * @param from first date, or the only one
 * @param to last date; null for an open end
 * @param poses poses usually given there
 * @param resource what it is on the shelf, by name: a group, a class; null for none
 */
public record AppointmentView(
    @NotNull UUID id,
    @NotBlank @Size(max = 120) String title,
    @Nullable DayOfWeek weekday,
    @NotNull LocalDate from,
    @Nullable LocalDate to,
    @NotNull LocalTime start,
    @Min(5) @Max(720) int minutes,
    @NotNull @Size(max = 12) List<@Valid @NotNull PosesView> poses,
    @Nullable @Size(max = Name.MAX_TEXT) String resource) {}
