package humblequill.server.sitting;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;

/**
 * How sittings run.
 *
 * @param breakEveryMinutes minutes of work after which a break is due at the latest
 * @param breakMinutes length of a break; 0 for none
 * @param sound whether a change of step is heard
 * @param flash whether it is seen
 */
public record SittingSettings(
    @Min(10) @Max(120) int breakEveryMinutes,
    @Min(0) @Max(30) int breakMinutes,
    boolean sound,
    boolean flash) {}
