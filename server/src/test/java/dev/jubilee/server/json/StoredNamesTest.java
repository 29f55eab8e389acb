package dev.jubilee.server.json;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.TargetMetric;
import dev.jubilee.server.athlete.stored.AthleteV1;
import dev.jubilee.server.block.stored.BlockV1;
import dev.jubilee.server.checkin.stored.CheckInV1;
import dev.jubilee.server.checkin.stored.TakenV1;
import dev.jubilee.server.logbook.stored.EventV1;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.session.stored.SessionV1;
import dev.jubilee.server.zone.stored.ZonesV1;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Fields that had another name when they were stored are read under it, and written anew. */
class StoredNamesTest {
  private final Json json = new Json();

  private static String quoted(String json) {
    return json.replace('\'', '"');
  }

  @Test
  void athletes() {
    String stored =
        quoted(
            "{'name':'Old Hand','sport':'RUN','level':'ADVANCED','age':40,'results':[],"
                + "'limits':[{'region':'HIPS','severity':'STIFF'}],'avoidances':['CONTACTS'],"
                + "'deconditioned':false,'mastery':{}}");
    AthleteV1 profile = json.read(stored, AthleteV1.class);
    assertThat(profile.restrictions())
        .containsExactly(
            new AthleteV1.RestrictionV1(BodyRegion.HIPS, Restriction.Severity.STIFF, null));
    assertThat(profile.contraindications()).containsExactly(Contraindication.CONTACTS);
    String written = json.write(profile);
    assertThat(written).contains("restrictions", "contraindications").doesNotContain("limits");
    assertThat(json.read(written, AthleteV1.class)).isEqualTo(profile);
  }

  @Test
  void sessionsAndTheWeekOfABlock() {
    String session =
        quoted(
            "{'startsAt':'2026-10-01T17:30:00','sport':'RUN','kind':'EASY','title':'easy',"
                + "'place':'TRACK','minutes':30,'temperature':10,'arrival':'LONG_DRIVE',"
                + "'athleteIds':[]}");
    assertThat(json.read(session, SessionV1.class).comingFrom()).isEqualTo(ComingFrom.LONG_DRIVE);
    String block =
        quoted(
            "{'name':'B','start':'2026-10-01','race':'2026-12-01','pattern':[{'key':'k',"
                + "'day':'MONDAY','time':'18:00','group':'G','sport':'RUN','shorthand':'easy',"
                + "'place':'TRACK','minutes':30,'temperature':10,'arrival':'BED'}],"
                + "'marks':[{'athleteId':'00000000-0000-0000-0000-000000000001','ladder':'a-series',"
                + "'on':'2026-10-05','step':2}],'wishes':[{'athleteId':"
                + "'00000000-0000-0000-0000-000000000001','ladder':'a-series','step':3,"
                + "'monday':'2026-10-12'}]}");
    BlockV1 definition = json.read(block, BlockV1.class);
    assertThat(definition.pattern().get(0).comingFrom()).isEqualTo(ComingFrom.BED);
    assertThat(definition.mastery()).hasSize(1);
    assertThat(definition.progressions()).hasSize(1);
    assertThat(json.write(definition)).doesNotContain("marks", "wishes", "arrival");
  }

  @Test
  void targets() {
    String stored =
        quoted(
            "{'gauge':'SPLIT','value':202.5,'perceivedExertion':6,'percentOfTop':50,'heartLow':0,"
                + "'heartHigh':0,'ratePerMinute':22,'spread':0.02}");
    OutcomeV1.TargetV1 target = json.read(stored, OutcomeV1.TargetV1.class);
    assertThat(target.metric()).isEqualTo(TargetMetric.SPLIT);
  }

  /** As they were stored when what was sent was stored: with all that was not said as null. */
  @Test
  void checkInsAndWhatWasTakenOfThem() {
    String told =
        quoted(
            "{'sleep':3,'mood':null,'freshness':4,'aches':[{'region':'CALVES','side':'LEFT',"
                + "'isSore':true}],'hurts':true,'pains':[{'region':'KNEES','side':'RIGHT',"
                + "'intensity':4,'since':'WEEKS'}],'alarms':['CHEST'],'minutes':20,"
                + "'comingFrom':'DESK','word':'late'}");
    CheckInV1 stored = json.read(told, CheckInV1.class);
    assertThat(stored.toCore().sleep()).contains(3);
    assertThat(stored.toCore().mood()).isEmpty();
    assertThat(stored.toCore().needsTheCoachFirst()).isTrue();
    assertThat(CheckInV1.of(stored.toCore())).isEqualTo(stored);
    String taken =
        quoted(
            "{'changes':[{'change':'LIMIT','region':'CALVES','side':'LEFT','severity':'SORE'},"
                + "{'change':'MINUTES','minutes':20},{'change':'COMING_FROM','comingFrom':'DESK'},"
                + "{'change':'FRESHNESS','freshness':'FRESH'}]}");
    TakenV1 changes = json.read(taken, TakenV1.class);
    assertThat(changes.toCore()).hasSize(4).doesNotHaveDuplicates();
    assertThat(json.write(TakenV1.of(changes.toCore()))).isEqualTo(taken);
  }

  @Test
  void eventsOfEveryShape() {
    for (String event :
        List.of(
            "{'sequence':1,'run':1,'at':1764547200000,'kind':'BEGUN','item':null,'drill':null,"
                + "'reason':null,'seconds':null,'value':null,'signals':null}",
            "{'sequence':2,'run':1,'at':1764547200000,'kind':'SKIPPED','item':'a-skip',"
                + "'drill':'a-march','reason':'NO_KIT','seconds':4,'value':null,'signals':null}",
            "{'sequence':3,'run':1,'at':1764547200000,'kind':'FELT','item':null,'value':4}",
            "{'sequence':4,'run':1,'at':1764547200000,'kind':'SIGNALS','signals':[{"
                + "'at':1764547200000,'heartRate':120,'power':0,'cadence':0}]}",
            "{'sequence':5,'run':1,'at':1764547200000,'kind':'LOOKED','look':{"
                + "'checkpoint':'RAISE_DONE','marks':[{'sign':'TIGHT','region':'CALVES',"
                + "'side':'LEFT','pain':0,'onlyFast':false}],'decided':'CARRY_ON',"
                + "'ground':'ALL_WELL','isTaken':true,'session':null}}")) {
      EventV1 stored = json.read(quoted(event), EventV1.class);
      assertThat(EventV1.of(stored.toCore())).as(event).isEqualTo(stored);
    }
  }

  @Test
  void zones() {
    String stored =
        quoted(
            "{'version':0,'meanings':[{'sport':'RUN','zone':2,'unit':'SECONDS_PER_KM','low':330,"
                + "'high':300}]}");
    assertThat(json.read(stored, ZonesV1.class).meanings())
        .containsExactly(new ZonesV1.MeaningV1(Sport.RUN, 2, Aim.Unit.SECONDS_PER_KM, 330, 300));
  }
}
