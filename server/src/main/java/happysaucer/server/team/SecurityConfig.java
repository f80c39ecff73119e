package happysaucer.server.team;

import happysaucer.server.problem.ProblemWriter;
import jakarta.servlet.DispatcherType;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

/** Who may do what. Everyone who has signed in may look; the lines below say who may write. */
@Configuration
class SecurityConfig {
  /** Where nobody has to be signed in. */
  private static final List<String> OPEN =
      List.of("/api/session", "/api/session/join", "/api/team/first-account");

  private static final String CONTENT_POLICY =
      "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
          + " font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self';"
          + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  /** Accounts are checked by SignIn; this keeps the framework from making one up. */
  @Bean
  UserDetailsService noFrameworkAccounts() {
    return name -> {
      throw new UsernameNotFoundException(name);
    };
  }

  private static boolean signedIn() {
    return SecurityContextHolder.getContext().getAuthentication() != null;
  }

  @Bean
  SecurityFilterChain chain(HttpSecurity http, SignIn signIn, SecurityContextRepository contexts)
      throws Exception {
    return http.csrf(
            csrf ->
                csrf.spa()
                    // whoever waters has no session that somebody could ride on
                    .ignoringRequestMatchers("/care/**")
                    .ignoringRequestMatchers(BasicFilter::isBasic))
        .addFilterBefore(new BasicFilter(signIn), CsrfFilter.class)
        .securityContext(context -> context.securityContextRepository(contexts))
        .sessionManagement(sessions -> sessions.disable())
        .requestCache(cache -> cache.disable())
        .formLogin(form -> form.disable())
        .httpBasic(basic -> basic.disable())
        .logout(logout -> logout.disable())
        .anonymous(anonymous -> {})
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                    .frameOptions(frame -> frame.deny())
                    // a browser would insist on it for every port of this name, also without us
                    .httpStrictTransportSecurity(strict -> strict.disable())
                    .referrerPolicy(
                        policy ->
                            policy.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)))
        .exceptionHandling(
            errors ->
                errors
                    .authenticationEntryPoint(
                        (request, response, e) ->
                            ProblemWriter.unauthorized(response, "You are not signed in."))
                    .accessDeniedHandler(
                        (request, response, e) -> {
                          if (!(e instanceof CsrfException)) {
                            ProblemWriter.forbidden(response);
                          } else if (signedIn() || OPEN.contains(request.getRequestURI())) {
                            ProblemWriter.pageToken(response);
                          } else {
                            // cookies are gone: that nobody is signed in is what helps to know
                            ProblemWriter.unauthorized(response, "You are not signed in.");
                          }
                        }))
        .authorizeHttpRequests(
            rules ->
                rules
                    .dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD)
                    .permitAll()
                    .requestMatchers(OPEN.toArray(String[]::new))
                    .permitAll()
                    .requestMatchers("/api/clock")
                    .hasRole("PLANNER")
                    .requestMatchers(
                        HttpMethod.POST,
                        "/api/species-effect",
                        "/api/method/effect",
                        "/api/media-effect/*")
                    .authenticated()
                    .requestMatchers(
                        HttpMethod.PUT,
                        "/api/method",
                        "/api/species/*",
                        "/api/media/*/*",
                        "/api/mix-room/items/*",
                        "/api/mix-room/measures",
                        "/api/team",
                        "/api/message-templates/*")
                    .hasRole("PLANNER")
                    .requestMatchers(
                        HttpMethod.DELETE,
                        "/api/species/*",
                        "/api/media/*/*",
                        "/api/message-templates/*")
                    .hasRole("PLANNER")
                    .requestMatchers(HttpMethod.POST, "/api/species-import", "/api/media-import")
                    .hasRole("PLANNER")
                    .requestMatchers(
                        HttpMethod.POST,
                        "/api/advice",
                        "/api/plants/*/advice",
                        "/api/plants/*/what-if",
                        // a plant may come in over the counter
                        "/api/spots/*/plants")
                    .authenticated()
                    .requestMatchers("/api/counter/**")
                    .authenticated()
                    .requestMatchers("/api/session/**")
                    .authenticated()
                    .requestMatchers(HttpMethod.PUT, "/api/jobs/*/day", "/api/plants/*")
                    .hasAnyRole("PLANNER", "TECHNICIAN")
                    .requestMatchers(
                        HttpMethod.POST, "/api/season/jobs/*/done", "/api/season/jobs/*/skip")
                    .hasAnyRole("PLANNER", "TECHNICIAN")
                    .requestMatchers(
                        HttpMethod.PUT,
                        "/api/season/**",
                        "/api/crews/**",
                        "/api/absences/*",
                        "/api/clients/*/feed")
                    .hasRole("PLANNER")
                    .requestMatchers(HttpMethod.POST, "/api/season/**")
                    .hasRole("PLANNER")
                    .requestMatchers(HttpMethod.DELETE, "/api/season/**", "/api/absences/*")
                    .hasRole("PLANNER")
                    .requestMatchers("/api/feeds")
                    .hasRole("PLANNER")
                    .requestMatchers("/api/keeping/**", "/api/people/**")
                    .hasRole("PLANNER")
                    .requestMatchers(HttpMethod.GET, "/api/**")
                    .authenticated()
                    .requestMatchers(HttpMethod.HEAD, "/api/**")
                    .authenticated()
                    .requestMatchers("/api/**")
                    .hasAnyRole("PLANNER", "TECHNICIAN")
                    .anyRequest()
                    .permitAll())
        .build();
  }
}
