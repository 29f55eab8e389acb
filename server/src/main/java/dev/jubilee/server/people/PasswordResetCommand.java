package dev.jubilee.server.people;

import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.signin.Emails;
import dev.jubilee.server.tenant.ClubScope;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Whoever keeps the machine can let a coach choose a new password: prints the secret of a one-time
 * link and ends, with 1 when nobody signs in with the address.
 */
@Component
@ConditionalOnProperty("jubilee.reset-password")
class PasswordResetCommand implements ApplicationRunner {
  private final String email;
  private final CoachRepository coaches;
  private final OneTimeLinks links;
  private final TransactionTemplate transaction;
  private final ApplicationContext context;

  PasswordResetCommand(
      @Value("${jubilee.reset-password}") String email,
      CoachRepository coaches,
      OneTimeLinks links,
      TransactionTemplate transaction,
      ApplicationContext context) {
    this.email = email;
    this.coaches = coaches;
    this.links = links;
    this.transaction = transaction;
    this.context = context;
  }

  @Override
  public void run(ApplicationArguments args) {
    Optional<String> token = ClubScope.acrossClubs(() -> transaction.execute(status -> link()));
    token.ifPresent(System.out::println);
    System.exit(SpringApplication.exit(context, () -> token.isPresent() ? 0 : 1));
  }

  private Optional<String> link() {
    Optional<Coach> coach = coaches.findByEmailAndRemovedAtIsNull(Emails.folded(email));
    return coach.map(c -> links.password(c.clubId(), c.id()).token());
  }
}
