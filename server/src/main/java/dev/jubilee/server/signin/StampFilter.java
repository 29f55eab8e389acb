package dev.jubilee.server.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** A coach who left, or whose password was changed, is out with the next request. */
class StampFilter extends OncePerRequestFilter {
  private final SignIns signIns;

  StampFilter(SignIns signIns) {
    this.signIns = signIns;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    if (authentication != null
        && authentication.getPrincipal() instanceof SignedIn signedIn
        && !signIns.counts(signedIn)) {
      Devices.forget(request);
    }
    chain.doFilter(request, response);
  }
}
