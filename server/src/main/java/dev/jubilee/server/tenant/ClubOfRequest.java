package dev.jubilee.server.tenant;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Binds each request to the club whose rows it may touch: that of the link it follows, else that of
 * the coach who is signed in. Anything else sees no club's rows.
 */
@Component
class ClubOfRequest implements AsyncHandlerInterceptor, WebMvcConfigurer {
  private static final String TOKEN = "token";

  private final LinkClubs links;

  ClubOfRequest(LinkClubs links) {
    this.links = links;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    // Health is told without a database; whoever asks would be looked for in it.
    registry.addInterceptor(this).addPathPatterns("/api/**").excludePathPatterns("/api/health/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    String token = token(request);
    if (token != null) {
      links.clubOf(token).ifPresent(ClubScope::bind);
    } else {
      Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
      if (authentication != null && authentication.getPrincipal() instanceof OfOneClub who) {
        ClubScope.bind(who.clubId());
      }
    }
    return true;
  }

  private static String token(HttpServletRequest request) {
    Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    return variables instanceof Map<?, ?> map && map.get(TOKEN) instanceof String token
        ? token
        : null;
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request, HttpServletResponse response, Object handler, Exception e) {
    ClubScope.unbind();
  }

  @Override
  public void afterConcurrentHandlingStarted(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    ClubScope.unbind();
  }
}
