package dev.jubilee.core.selection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The search against trying everything: the definition of the best choice and nothing else. */
class ExactChoiceTest {

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3})
  void noAllowedChoiceIsWorthMore(int hundred) {
    for (int seed = 100 * hundred; seed < 100 * (hundred + 1); seed++) {
      Menu menu = SmallMenus.of(seed);
      Choice choice = ExactChoice.of(menu);
      assertThat(choice.proven()).isTrue();
      assertThat(menu.allows(choice.offers())).as("menu %d", seed).isTrue();
      assertThat(choice.points())
          .as("menu %d", seed)
          .isEqualTo(menu.points(choice.offers()))
          .isEqualTo(SmallMenus.best(menu, List.of()));
    }
  }

  @Test
  void theSameMenuGivesTheSameChoice() {
    for (int seed = 0; seed < 50; seed++) {
      assertThat(ExactChoice.of(SmallMenus.of(seed)))
          .isEqualTo(ExactChoice.of(SmallMenus.of(seed)));
    }
  }

  @Test
  void whatIsForcedIsInEvenBeyondTheLimits() {
    Offer endless =
        OfferBuilder.builder()
            .id("endless")
            .group("endless")
            .block(0)
            .setup(0)
            .seconds(500)
            .contacts(90)
            .covers(List.of())
            .bias(-50_000)
            .counted(true)
            .required(true)
            .build();
    for (int seed = 0; seed < 50; seed++) {
      Menu menu = SmallMenus.of(seed);
      List<Offer> more = new ArrayList<>(menu.offers());
      more.add(endless);
      Menu required = MenuBuilder.builder(menu).offers(more).build();
      Choice choice = ExactChoice.of(required);
      assertThat(choice.offers()).contains(endless);
      assertThat(choice.points()).isEqualTo(SmallMenus.best(required, List.of()));
    }
  }

  @Test
  void moreSecondsNeverMakeTheBestWorse() {
    Random random = new Random(7);
    for (int seed = 0; seed < 100; seed++) {
      Menu menu = SmallMenus.of(seed);
      Menu longer = MenuBuilder.builder(menu).seconds(menu.seconds() + random.nextInt(60)).build();
      assertThat(ExactChoice.of(longer).points())
          .isGreaterThanOrEqualTo(ExactChoice.of(menu).points());
    }
  }

  @Test
  void aMenuWithNothingOnItGivesNothing() {
    Menu empty =
        MenuBuilder.builder()
            .offers(List.of())
            .weights(List.of(10))
            .blocks(List.of(new Menu.Room(0, 60)))
            .seconds(300)
            .contacts(50)
            .drills(9)
            .setups(SetupTime.free())
            .build();
    Choice choice = ExactChoice.of(empty);
    assertThat(choice.offers()).isEmpty();
    assertThat(choice.points()).isZero();
  }
}
