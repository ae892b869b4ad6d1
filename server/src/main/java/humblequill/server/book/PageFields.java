package humblequill.server.book;

import humblequill.core.book.PageFact;
import humblequill.core.book.PageState;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * What the learner tells of a page.
 *
 * @param state as told; {@link PageState#UNTOUCHED} leaves it to entries and pictures
 * @param words what a free page waits for, where a torn-out one is, what was glued in
 * @param favourite whether its corner is folded
 * @param keptPrivate kept out of everything made for showing
 */
public record PageFields(
    @NotNull PageState state,
    @NotNull @Size(max = PageFact.MAX_WORDS) String words,
    boolean favourite,
    boolean keptPrivate) {}
