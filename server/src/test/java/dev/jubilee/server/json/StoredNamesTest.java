package dev.jubilee.server.json;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.intensity.TargetMetric;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.block.BlockDefinition;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.session.SessionDetails;
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
    AthleteProfile profile = json.read(stored, AthleteProfile.class);
    assertThat(profile.restrictions())
        .containsExactly(
            new AthleteProfile.RestrictionInput(BodyRegion.HIPS, Restriction.Severity.STIFF, null));
    assertThat(profile.contraindications()).containsExactly(Contraindication.CONTACTS);
    String written = json.write(profile);
    assertThat(written).contains("restrictions", "contraindications").doesNotContain("limits");
    assertThat(json.read(written, AthleteProfile.class)).isEqualTo(profile);
  }

  @Test
  void sessionsAndTheWeekOfABlock() {
    String session =
        quoted(
            "{'startsAt':'2026-10-01T17:30:00','sport':'RUN','kind':'EASY','title':'easy',"
                + "'place':'TRACK','minutes':30,'temperature':10,'arrival':'LONG_DRIVE',"
                + "'athleteIds':[]}");
    assertThat(json.read(session, SessionDetails.class).comingFrom())
        .isEqualTo(ComingFrom.LONG_DRIVE);
    String block =
        quoted(
            "{'name':'B','start':'2026-10-01','race':'2026-12-01','pattern':[{'key':'k',"
                + "'day':'MONDAY','time':'18:00','group':'G','sport':'RUN','shorthand':'easy',"
                + "'place':'TRACK','minutes':30,'temperature':10,'arrival':'BED'}],"
                + "'marks':[{'athleteId':'00000000-0000-0000-0000-000000000001','ladder':'a-series',"
                + "'on':'2026-10-05','step':2}],'wishes':[{'athleteId':"
                + "'00000000-0000-0000-0000-000000000001','ladder':'a-series','step':3,"
                + "'monday':'2026-10-12'}]}");
    BlockDefinition definition = json.read(block, BlockDefinition.class);
    assertThat(definition.pattern().get(0).comingFrom()).isEqualTo(ComingFrom.BED);
    assertThat(definition.groups()).isEmpty();
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
}
