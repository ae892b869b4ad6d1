package humblequill.server.book;

import humblequill.core.book.Binding;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A book on the shelf.
 *
 * @param pages how many there are
 * @param filledShare how far it is used up, 0 to 1; null where nobody counted its leaves
 * @param from the first day in use
 * @param closed the day it was put away
 * @param inUse whether it is the open book that is drawn in now
 * @param removed taken off the shelf; its entries still name it
 */
public record BookLine(
    UUID id,
    String name,
    @Nullable Integer widthMm,
    @Nullable Integer heightMm,
    @Nullable Integer leaves,
    Binding binding,
    int pages,
    @Nullable Double filledShare,
    boolean keptPrivate,
    boolean notJudged,
    @Nullable LocalDate from,
    @Nullable LocalDate closed,
    boolean inUse,
    boolean removed) {}
