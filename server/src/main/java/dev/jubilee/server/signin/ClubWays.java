package dev.jubilee.server.signin;

import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.HourCycle;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes what holds for all of a coach's club. */
@Service
class ClubWays {
  private final ClubRepository clubs;

  ClubWays(ClubRepository clubs) {
    this.clubs = clubs;
  }

  @Transactional
  void change(SignedIn coach, HourCycle hourCycle) {
    clubs.findById(coach.clubId()).orElseThrow().choose(hourCycle);
  }
}
