package app.finish.formats.sent;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;

/// A headless browser, driven as WebDriver says (W3C).
///
/// ```java
/// try (Browser browser = Browser.open(1280, 800)) {
///   browser.go(page);
///   browser.run("return document.title");
/// }
/// ```
final class Browser implements AutoCloseable {
  private static final ObjectMapper JSON = new ObjectMapper();

  private final HttpClient client = HttpClient.newHttpClient();
  private final Process driver;
  private final String base;
  private String session = "";

  private Browser(Process driver, int port) {
    this.driver = driver;
    this.base = "http://127.0.0.1:" + port;
  }

  /// Begins a browser with a window of this size.
  static Browser open(int width, int height, String... more) throws Exception {
    int port;
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
    Process driver =
        new ProcessBuilder("chromedriver", "--port=" + port)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    Browser browser = new Browser(driver, port);
    ObjectNode wanted = JSON.createObjectNode();
    ObjectNode match = wanted.putObject("capabilities").putObject("alwaysMatch");
    match.putObject("goog:loggingPrefs").put("browser", "ALL");
    var arguments = match.putObject("goog:chromeOptions").putArray("args");
    List.of("--headless=new", "--no-sandbox", "--disable-gpu", "--hide-scrollbars")
        .forEach(arguments::add);
    arguments.add("--window-size=" + width + "," + height);
    List.of(more).forEach(arguments::add);
    for (int tries = 0; browser.session.isEmpty(); tries++) {
      try {
        browser.session = browser.post("/session", wanted).path("sessionId").asText();
      } catch (IOException e) {
        if (tries > 100) {
          throw e;
        }
        Thread.onSpinWait();
        driver.waitFor(100, java.util.concurrent.TimeUnit.MILLISECONDS);
      }
    }
    return browser;
  }

  private JsonNode post(String path, ObjectNode body) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/json")
            .POST(BodyPublishers.ofString(body.toString()))
            .build();
    JsonNode value =
        JSON.readTree(client.send(request, BodyHandlers.ofString()).body()).get("value");
    if (value.has("error")) {
      throw new AssertionError(value.path("message").asText());
    }
    return value;
  }

  /// Opens a file, with what stands behind the # of its address.
  void go(Path file, String fragment) throws Exception {
    String address = file.toUri() + (fragment.isEmpty() ? "" : "#" + fragment);
    post("/session/" + session + "/url", JSON.createObjectNode().put("url", "about:blank"));
    post("/session/" + session + "/url", JSON.createObjectNode().put("url", address));
  }

  /// Runs a script in the page and gives what it returns.
  JsonNode run(String script) throws Exception {
    ObjectNode body = JSON.createObjectNode().put("script", script);
    body.putArray("args");
    return post("/session/" + session + "/execute/sync", body);
  }

  /// Presses keys where the focus is.
  void press(String keys) throws Exception {
    ObjectNode body = JSON.createObjectNode();
    ObjectNode source = body.putArray("actions").addObject().put("type", "key").put("id", "keys");
    var actions = source.putArray("actions");
    keys.codePoints()
        .mapToObj(Character::toString)
        .forEach(
            key -> {
              actions.addObject().put("type", "keyDown").put("value", key);
              actions.addObject().put("type", "keyUp").put("value", key);
            });
    post("/session/" + session + "/actions", body);
  }

  /// What the browser complained of.
  List<String> complaints() throws Exception {
    JsonNode log =
        post("/session/" + session + "/se/log", JSON.createObjectNode().put("type", "browser"));
    return log.findValuesAsText("message");
  }

  /// A picture of what is in sight.
  void picture(Path file) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + "/session/" + session + "/screenshot")).build();
    String text =
        JSON.readTree(client.send(request, BodyHandlers.ofString()).body()).path("value").asText();
    Files.write(file, Base64.getDecoder().decode(text));
  }

  @Override
  public void close() {
    driver.descendants().forEach(ProcessHandle::destroyForcibly);
    driver.destroyForcibly();
  }
}
