package dev.jubilee.server.guard;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;

/**
 * Jubilee hands nothing from one page to the next in the session. The usual manager would ask the
 * database for it with every request, those for files and health among them.
 */
@Component(DispatcherServlet.FLASH_MAP_MANAGER_BEAN_NAME)
class NoFlashAttributes implements FlashMapManager {
  @Override
  public FlashMap retrieveAndUpdate(HttpServletRequest request, HttpServletResponse response) {
    return null;
  }

  @Override
  public void saveOutputFlashMap(
      FlashMap flashMap, HttpServletRequest request, HttpServletResponse response) {
    // There is nothing to hand on.
  }
}
