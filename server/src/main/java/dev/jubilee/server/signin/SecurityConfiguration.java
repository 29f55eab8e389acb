package dev.jubilee.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may call what. Pages and hand-over links are open; everything else of the API is not. */
@Configuration
class SecurityConfiguration {
  /** What one may ask before one is signed in; a secret in the request opens the rest. */
  private static final String[] OPEN = {
    "/api/sign-in",
    "/api/set-up",
    "/api/invitations/look",
    "/api/invitations/accept",
    "/api/password-links/*",
    "/api/follow/**",
    "/api/clock",
    "/api/openapi/**"
  };

  private static final String CONTENT_POLICY =
      "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
          + " font-src 'self' data:; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

  @Bean
  @Order(1)
  SecurityFilterChain files(HttpSecurity http) {
    // Files that never change carry no cookie that would, and health is told without a database.
    return http.securityMatcher("/assets/**", "/api/health", "/api/health/**")
        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .csrf(csrf -> csrf.disable())
        .securityContext(context -> context.disable())
        .sessionManagement(sessions -> sessions.disable())
        .requestCache(cache -> cache.disable())
        // Their own, a year long, stays.
        .headers(headers -> headers.cacheControl(cache -> cache.disable()))
        .build();
  }

  @Bean
  @Order(2)
  SecurityFilterChain chain(
      HttpSecurity http, SecurityContextRepository contexts, SignIns signIns) {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(OPEN)
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        // What devices tell is let in by the link alone, never by a cookie.
        .csrf(
            csrf ->
                csrf.spa()
                    .ignoringRequestMatchers("/api/follow/*/events", "/api/follow/*/check-in"))
        .securityContext(context -> context.securityContextRepository(contexts))
        .requestCache(cache -> cache.disable())
        .logout(logout -> logout.disable())
        .addFilterBefore(new StampFilter(signIns), AuthorizationFilter.class)
        .exceptionHandling(
            handling -> handling.authenticationEntryPoint(SecurityConfiguration::signedOut))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                    // Hand-over links are secrets; they must not travel in a referrer.
                    .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
        .build();
  }

  private static void signedOut(
      HttpServletRequest request, HttpServletResponse response, AuthenticationException e)
      throws IOException {
    response.setStatus(HttpStatus.UNAUTHORIZED.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getWriter()
        .write(
            "{\"title\":\"Unauthorized\",\"status\":401,"
                + "\"detail\":\"You are signed out. Sign in to go on.\"}");
  }

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  @Bean
  PasswordEncoder passwordEncoder() {
    return new BCryptPasswordEncoder(10);
  }

  /** Sign-in goes through the controller alone; this keeps a default user from being made. */
  @Bean
  UserDetailsService noOtherUsers() {
    return name -> {
      throw new UsernameNotFoundException(name);
    };
  }
}
