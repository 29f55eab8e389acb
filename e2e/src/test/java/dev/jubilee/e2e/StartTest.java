package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

/** A club that begins: from an empty server to a warm-up on an athlete's phone. */
@ExtendWith(RunningJubilee.class)
class StartTest {
  private static final String TOKEN = "first-light-on-the-mere";
  private static final String PASSWORD = "gorse on the harbour wall";

  @Test
  void fromAnEmptyServerToAWarmUpOnAPhone() throws Exception {
    int port = freePort();
    try (PhoneNetwork network = PhoneNetwork.open();
        Browser phone = network.phone(RunningJubilee.playwright());
        ConfigurableApplicationContext application =
            RunningJubilee.start(
                "start",
                "--server.address=" + network.listen(),
                "--server.port=" + port,
                "--jubilee.set-up-token=" + TOKEN,
                "--jubilee.public-url=" + network.publicUrl(port))) {
      String far = network.server(port);
      String server = RunningJubilee.base(application);
      Page owner = setUp(server);
      String invitation = inviteByCode(owner, far);
      // By the address that this machine has too.
      Page coach = join(invitation.replace(far, server));
      firstAthlete(coach);
      firstSession(coach);
      assertThat(coach.getByTestId("length")).containsText("of 35 min");
      button(coach, "Make a link for Asa").click();
      follow(phone, code(coach.getByRole(AriaRole.REGION, region("Hand over"))), far);
      theInvitationIsUsedUp(phone, invitation);
      whoIsTakenOutIsOut(owner, coach);
      owner.context().close();
      coach.context().close();
    }
  }

  private static Page setUp(String server) {
    Page page = RunningJubilee.screen(1280, 800).newPage();
    page.navigate(server + "/");
    assertThat(page.getByText("There is no club here yet")).isVisible();
    page.navigate(server + "/set-up#wrong");
    page.getByLabel("Name of the club").waitFor();
    AccessibilityTest.expectNoViolations(page, "set-up");
    fillSetUp(page, PASSWORD);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("no such set-up address");
    page.navigate("about:blank");
    page.navigate(server + "/set-up#" + TOKEN);
    fillSetUp(page, "password123");
    assertThat(page.getByText("none of the commonest passwords")).isVisible();
    // What was typed is still there.
    page.getByLabel("Password").fill(PASSWORD);
    button(page, "Start").click();
    assertThat(page.getByText("Begin with your athletes")).isVisible();
    return page;
  }

  private static void fillSetUp(Page page, String password) {
    page.getByLabel("Name of the club").fill("Harbour Wall Striders");
    page.getByLabel("Time zone").selectOption("Europe/Dublin");
    page.getByLabel("Times are written").selectOption("H24");
    page.getByLabel("Your name").fill("Ines Quayle");
    page.getByLabel("E-mail").fill("ines@harbourwall.example");
    page.getByLabel("Password").fill(password);
    button(page, "Start").click();
  }

  private static String inviteByCode(Page owner, String far) throws Exception {
    owner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Club")).click();
    owner.getByLabel("Whom to invite").fill("Bartholomew Quirke");
    button(owner, "Invite").click();
    String link = code(owner.getByRole(AriaRole.REGION, region("Coaches")));
    assertThat(link).startsWith(far + "/join#");
    assertThat(owner.getByText("invited, not joined yet")).isVisible();
    AccessibilityTest.expectNoViolations(owner, "club");
    return link;
  }

  private static Page join(String invitation) {
    Page page = RunningJubilee.screen(1280, 800).newPage();
    page.navigate(invitation);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Coach with Harbour Wall Striders");
    assertThat(page.getByLabel("Your name")).hasValue("Bartholomew Quirke");
    AccessibilityTest.expectNoViolations(page, "invitation");
    page.getByLabel("E-mail").fill("bart@harbourwall.example");
    page.getByLabel("Password").fill("three grey herons stood");
    button(page, "Join").click();
    button(page, "Sign out").waitFor();
    return page;
  }

  private static void firstAthlete(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Add athletes")).click();
    page.getByLabel("Name").fill("Asa Breck");
    page.getByLabel("Main sport").selectOption("ROW");
    button(page, "Save").click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Asa Breck")).waitFor();
  }

  private static void firstSession(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Day")).click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Add a session")).click();
    page.getByLabel("Sport", new Page.GetByLabelOptions().setExact(true)).selectOption("ROW");
    page.getByLabel("What you would write on the whiteboard").fill("2k test");
    page.getByLabel("Minutes to warm up").fill("35");
    page.getByText(Pattern.compile("^Asa Breck")).click();
    button(page, "Save").click();
    button(page, "Prescribe 2k test for Asa Breck").click();
  }

  private static void follow(Browser browser, String link, String far) {
    assertThat(link).startsWith(far + "/f/");
    BrowserContext phone = RunningJubilee.screen(browser, 390, 844);
    Page page = phone.newPage();
    page.navigate(link);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("2k test");
    button(page, "Start").click();
    assertThat(page.getByTestId("count")).isVisible();
    phone.close();
  }

  private static void theInvitationIsUsedUp(Browser phone, String invitation) {
    BrowserContext other = RunningJubilee.screen(phone, 390, 844);
    Page page = other.newPage();
    page.navigate(invitation);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("used already");
    other.close();
  }

  /** The page stays as it is, and asks for a sign-in that will not be had. */
  private static void whoIsTakenOutIsOut(Page owner, Page coach) {
    owner.reload();
    button(owner, "Take out").click();
    button(owner, "Take Bartholomew out now").click();
    assertThat(owner.getByText("Bartholomew Quirke")).hasCount(0);
    // Not a click: what the page asks by itself may have brought the dialog before.
    coach
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Library"))
        .dispatchEvent("click");
    assertThat(coach.getByText("You have been signed out")).isVisible();
    coach.getByLabel("E-mail").fill("bart@harbourwall.example");
    coach.getByLabel("Password").fill("three grey herons stood");
    button(coach, "Sign in").click();
    assertThat(coach.getByText("do not match")).isVisible();
  }

  /** What a phone's camera would read. */
  private static String code(Locator where) throws Exception {
    Locator code = where.locator("svg[role=img]").first();
    code.waitFor();
    LuminanceSource seen =
        new BufferedImageLuminanceSource(
            ImageIO.read(new ByteArrayInputStream(code.locator("..").screenshot())));
    // In one code of a hundred the dots look like one more corner: this reader tries them all.
    return new QRCodeMultiReader()
            .decodeMultiple(
                new BinaryBitmap(new HybridBinarizer(seen)),
                Map.of(DecodeHintType.TRY_HARDER, true))[0]
            .getText();
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Page.GetByRoleOptions region(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
