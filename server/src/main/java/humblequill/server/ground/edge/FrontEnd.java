package humblequill.server.ground.edge;

import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Answers the front end's own addresses with its page, so that each can be opened and reloaded. */
@Controller
class FrontEnd {
  /** The page itself. */
  static final Resource PAGE = new ClassPathResource("static/index.html");

  @GetMapping({
    "/",
    "/today",
    "/day/*",
    "/course",
    "/course/library",
    "/course/edit/*",
    "/course/merge",
    "/course/topics",
    "/course/print",
    "/quotas",
    "/quotas/new",
    "/quotas/*",
    "/quotas/*/change",
    "/books",
    "/books/*",
    "/books/*/*",
    "/sheet",
    "/tray",
    "/straighten/*",
    "/pieces",
    "/pieces/*",
    "/bench",
    "/bench/new",
    "/bench/measure",
    "/bench/*",
    "/bench/*/measure",
    "/look-back",
    "/look-back/weeks",
    "/look-back/weeks/*",
    "/look-back/months",
    "/look-back/months/*",
    "/look-back/year",
    "/look-back/year/*",
    "/look-back/before",
    "/look-back/sittings",
    "/look-back/what-for",
    "/easy",
    "/recall",
    "/recall/plates/*",
    "/recall/orders/*",
    "/recall/own/plates/*",
    "/recall/own/orders/*",
    "/course/year-ahead",
    "/look-back/favourites",
    "/look-back/favourites/*",
    "/topics",
    "/topics/edit",
    "/topics/*",
    "/shelf",
    "/shelf/*",
    "/sitting",
    "/sitting/*",
    "/cabinet",
    "/settings",
    "/search"
  })
  String page() {
    return "forward:/index.html";
  }
}
