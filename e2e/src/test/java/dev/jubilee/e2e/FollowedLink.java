package dev.jubilee.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import dev.jubilee.core.sport.Sport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A warm-up of the demo that was handed over, and what came back of it. */
final class FollowedLink {
  private static final JsonMapper JSON = JsonMapper.shared();

  private FollowedLink() {}

  /** Prescribes for a session like a sport's last one and hands it over. */
  static JsonNode handOver(Page coach, Sport sport) {
    String js =
        "async sport => { const day = (await (await fetch('/api/me')).json()).today;"
            + " const at = new Date(Date.parse(day) - 864e5 * 6).toISOString().slice(0, 10);"
            + " const to = new Date(Date.parse(day) + 864e5 * 6).toISOString().slice(0, 10);"
            + " const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);"
            + " const send = (path, body) => fetch(path, {method: 'POST', body,"
            + "   headers: {'X-XSRF-TOKEN': token, 'Content-Type': 'application/json'}});"
            + " const all = await (await fetch(`/api/sessions?from=${at}&until=${to}`)).json();"
            + " const old = all.findLast(x => x.details.sport === sport && x.details.athleteIds.length);"
            + " const s = await (await send('/api/sessions', JSON.stringify(old.details))).json();"
            + " const p = await (await send('/api/prescriptions', JSON.stringify("
            + "   {sessionId: s.id, athleteId: s.details.athleteIds[0]}))).json();"
            + " const link = await (await send(`/api/prescriptions/${p.id}/hand-over`, '')).json();"
            + " const view = await (await fetch('/api/follow/' + link.token)).json();"
            + " return JSON.stringify({id: p.id, token: link.token, view}); }";
    return JSON.readTree((String) coach.evaluate(js, sport.name()));
  }

  /** The record as its coach reads it. */
  static JsonNode followed(Page coach, JsonNode link) {
    return followed(RunningJubilee.base(), coach, link);
  }

  /** The same from another server. */
  static JsonNode followed(String base, Page coach, JsonNode link) {
    APIResponse answer =
        coach.request().get(base + "/api/prescriptions/" + link.get("id").asString() + "/followed");
    assertThat(answer.ok()).as(answer.text()).isTrue();
    return JSON.readTree(answer.text());
  }
}
