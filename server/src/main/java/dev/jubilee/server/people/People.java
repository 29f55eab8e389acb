package dev.jubilee.server.people;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.ClubSettings;
import dev.jubilee.server.people.OneTimeLinkRow.Purpose;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotAllowedException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.signin.Devices;
import dev.jubilee.server.signin.Emails;
import dev.jubilee.server.signin.Passwords;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.tenant.ClubScope;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The coaches of a club: who joins, who leaves, who owns it, and their passwords. */
@Service
class People {
  private final CoachRepository coaches;
  private final ClubRepository clubs;
  private final OneTimeLinks links;
  private final Passwords passwords;
  private final Devices devices;
  private final TransactionTemplate transaction;

  private final Clock clock;

  People(
      CoachRepository coaches,
      ClubRepository clubs,
      OneTimeLinks links,
      Passwords passwords,
      Devices devices,
      TransactionTemplate transaction,
      Clock clock) {
    this.clock = clock;
    this.coaches = coaches;
    this.clubs = clubs;
    this.links = links;
    this.passwords = passwords;
    this.devices = devices;
    this.transaction = transaction;
  }

  /** A coach as the others see them. */
  record CoachView(UUID id, String name, String email, boolean owner) {}

  /** An invitation that nobody has taken yet. */
  record InvitationView(UUID id, String addressee, Instant madeAt, Instant expiresAt) {}

  /** A club's coaches, and who is expected. */
  record PeopleView(List<CoachView> coaches, List<InvitationView> invitations) {}

  /**
   * What a one-time link leads to.
   *
   * @param coachName whose password it is about, or whom the invitation is for
   */
  record Welcome(String clubName, String coachName, Instant expiresAt) {}

  @Transactional(readOnly = true)
  PeopleView all(SignedIn who) {
    return new PeopleView(
        coaches.findByRemovedAtIsNullOrderByName().stream()
            .map(c -> new CoachView(c.id(), c.name(), c.email(), c.isOwner()))
            .toList(),
        links.openInvitations().stream()
            .map(l -> new InvitationView(l.id(), l.addressee(), l.madeAt(), l.expiresAt()))
            .toList());
  }

  @Transactional
  void change(SignedIn who, ClubSettings settings) {
    settings.check();
    clubs.findById(who.clubId()).orElseThrow().choose(settings);
  }

  @Transactional
  OneTimeLinks.Made invite(SignedIn who, String addressee) {
    requireOwner(who);
    return links.invitation(who.clubId(), addressee.strip());
  }

  @Transactional
  void withdraw(SignedIn who, UUID invitationId) {
    requireOwner(who);
    links.withdraw(invitationId);
  }

  /** A link by which a coach chooses a new password. */
  @Transactional
  OneTimeLinks.Made resetLink(SignedIn who, UUID coachId) {
    requireOwner(who);
    return links.password(who.clubId(), one(coachId).id());
  }

  /**
   * Makes a coach an owner, or no longer one.
   *
   * @throws ConflictException if nobody would own the club
   */
  @Transactional
  void own(SignedIn who, UUID coachId, boolean isOwner) {
    List<Coach> all = coaches.lock();
    requireOwner(who);
    Coach coach = one(coachId);
    coach.own(isOwner);
    requireSomeOwner(all);
  }

  /**
   * Takes a coach out of the club, at once; what they made stays.
   *
   * @throws ConflictException if nobody would own the club
   */
  @Transactional
  void remove(SignedIn who, UUID coachId) {
    List<Coach> all = coaches.lock();
    requireOwner(who);
    Coach coach = one(coachId);
    coach.remove(clock.instant());
    requireSomeOwner(all);
    devices.signOutAll(coachId);
  }

  @Transactional(readOnly = true)
  Welcome lookAtInvitation(String token) {
    OneTimeLinkRow link = links.look(Purpose.INVITATION, token);
    return new Welcome(club(link).name(), link.addressee(), link.expiresAt());
  }

  /** Makes whoever has the invitation a coach of the club; the invitation is used up. */
  @Transactional
  Coach accept(String token, NewCoach coach) {
    OneTimeLinkRow link = links.use(Purpose.INVITATION, token);
    return join(club(link), coach, "coach.", false);
  }

  @Transactional(readOnly = true)
  Welcome lookAtResetLink(String token) {
    OneTimeLinkRow link = links.look(Purpose.PASSWORD, token);
    Coach coach = one(link.coachId());
    return new Welcome(club(link).name(), coach.name(), link.expiresAt());
  }

  /** Gives the link's coach a new password and signs them out everywhere else. */
  @Transactional
  Coach reset(String token, String password) {
    OneTimeLinkRow link = links.use(Purpose.PASSWORD, token);
    Coach coach = one(link.coachId());
    choose(coach, "password", password);
    return coach;
  }

  /** A coach's own new password; only the device that asks stays signed in. */
  @Transactional
  Coach changePassword(SignedIn who, String password) {
    Coach coach = one(who.coachId());
    choose(coach, "password", password);
    return coach;
  }

  Coach rename(SignedIn who, String name, String email) {
    String folded = Emails.folded(email);
    // An address is one coach's across all clubs, so that this is asked before the club's own work.
    requireFree("email", folded, Optional.of(who.coachId()));
    return transaction.execute(
        status -> {
          Coach coach = one(who.coachId());
          coach.rename(name.strip(), folded);
          return coach;
        });
  }

  @Transactional
  void signOutEverywhere(SignedIn who) {
    one(who.coachId()).signOutEverywhere();
    devices.signOutAll(who.coachId());
  }

  /**
   * Makes a coach.
   *
   * @param path of the coach in the request
   */
  @Transactional
  Coach join(Club club, NewCoach entered, String path, boolean isOwner) {
    String email = Emails.folded(entered.email());
    requireFree(path + "email", email, Optional.empty());
    List<String> known = List.of(club.name(), entered.name(), email);
    return coaches.saveAndFlush(
        new Coach(
            UUID.randomUUID(),
            club.id(),
            email,
            entered.name().strip(),
            passwords.chosen(path + "password", entered.password(), known),
            isOwner));
  }

  private void choose(Coach coach, String field, String password) {
    coach.changePassword(passwords.chosen(field, password, List.of(coach.name(), coach.email())));
    devices.signOutAll(coach.id());
  }

  private void requireFree(String field, String email, Optional<UUID> but) {
    Optional<UUID> taken =
        ClubScope.acrossClubs(() -> coaches.findByEmailAndRemovedAtIsNull(email)).map(Coach::id);
    if (taken.isPresent() && !taken.equals(but)) {
      throw new OutOfRangeException(field, email, "an address that nobody signs in with yet");
    }
  }

  private Club club(OneTimeLinkRow link) {
    return clubs.findById(link.clubId()).orElseThrow();
  }

  private Coach one(UUID coachId) {
    return coaches
        .findByIdAndRemovedAtIsNull(coachId)
        .orElseThrow(() -> new NotFoundException("coach"));
  }

  private void requireOwner(SignedIn who) {
    if (!one(who.coachId()).isOwner()) {
      throw new NotAllowedException("Only an owner of the club can do that.");
    }
  }

  private static void requireSomeOwner(List<Coach> all) {
    if (all.stream().noneMatch(c -> c.isOwner() && !c.isRemoved())) {
      throw new ConflictException("A club needs an owner. Make someone else one first.");
    }
  }
}
