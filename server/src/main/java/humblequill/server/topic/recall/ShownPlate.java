package humblequill.server.topic.recall;

import humblequill.core.topic.recall.Plate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A plate with its picture.
 *
 * @param note how it is to be read
 * @param picture which of the learner's pictures it shows; null for lines
 * @param pictureWay how that picture was turned and straightened when the pins were set
 * @param version of one's own; null for one that ships
 */
record ShownPlate(
    Plate plate,
    String note,
    @Nullable UUID picture,
    @Nullable String pictureWay,
    @Nullable Long version) {}
