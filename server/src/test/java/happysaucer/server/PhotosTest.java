package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Photos arrive as they were taken and are kept scaled, upright and without their position. */
@ExtendWith(RunningServer.class)
class PhotosTest {
  private final Http technician;
  private final HttpClient client = HttpClient.newHttpClient();

  PhotosTest(Http http) {
    technician = http.as("technician");
  }

  private HttpResponse<byte[]> send(String method, String path, byte[] body, String type)
      throws IOException, InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(RunningServer.url(RunningServer.context()) + path))
            .header(
                "Authorization",
                "Basic "
                    + Base64.getEncoder()
                        .encodeToString("technician:happy-saucer".getBytes(StandardCharsets.UTF_8)))
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofByteArray(body));
    if (type != null) {
      request.header("Content-Type", type);
    }
    return client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
  }

  private static byte[] picture(int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < width; x++) {
      image.setRGB(x, x * height / width, 0xA2583A);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }

  /** With a note on orientation (turned by a quarter) and a position, as a phone writes them. */
  private static byte[] withExif(byte[] jpeg) {
    byte[] tiff =
        Base64.getDecoder()
            .decode(
                // big-endian TIFF: orientation 6, and a block of position with latitude reference N
                "TU0AKgAAAAgAAgESAAMAAAABAAYAAIglAAQAAAABAAAAJgAAAAAAAQABAAIAAAACTgAAAAAAAAA=");
    byte[] head = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
    int length = 2 + head.length + tiff.length;
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
    out.writeBytes(head);
    out.writeBytes(tiff);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  @Test
  void aPhotoIsScaledTurnedUprightAndLosesItsPosition() throws Exception {
    House house = new House(technician, "Photo");
    String plant = house.plant("Ficus lyrata", 280, "PH-1");
    byte[] sent = withExif(picture(2400, 1200));
    assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains("Exif");
    String id = UUID.randomUUID().toString();
    String path = "/api/photos/" + id + "?plant=" + plant + "&caption=roots";

    assertThat(send("PUT", path, sent, "image/jpeg").statusCode()).isEqualTo(204);
    assertThat(send("PUT", path, sent, "image/jpeg").statusCode()).as("again").isEqualTo(204);

    byte[] kept = send("GET", "/api/photos/" + id, null, null).body();
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
    assertThat(image.getHeight()).as("turned upright").isEqualTo(1600);
    assertThat(image.getWidth()).isEqualTo(800);
    assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    BufferedImage small =
        ImageIO.read(
            new ByteArrayInputStream(
                send("GET", "/api/photos/" + id + "?small=true", null, null).body()));
    assertThat(small.getHeight()).isEqualTo(320);
    assertThat(house.page(plant).get("photos")).hasSize(1);
    assertThat(house.page(plant).get("photos").get(0).get("caption").asString()).isEqualTo("roots");
    assertThat(files(id)).isEqualTo(2);

    assertThat(technician.delete("/api/photos/" + id).status()).isEqualTo(204);
    assertThat(send("GET", "/api/photos/" + id, null, null).statusCode()).isEqualTo(404);
    assertThat(house.page(plant).get("photos")).isEmpty();
    assertThat(files(id)).as("files in the data folder").isZero();
  }

  private static long files(String id) throws IOException {
    Path folder =
        Path.of(RunningServer.context().getEnvironment().getProperty("saucer.data"), "photos");
    try (Stream<Path> files = Files.walk(folder)) {
      return files.filter(file -> file.getFileName().toString().startsWith(id)).count();
    }
  }

  @Test
  void whatIsNoPictureOrTooLargeIsRefused() throws Exception {
    House house = new House(technician, "NoPhoto");
    String plant = house.plant("Ficus lyrata", 280, "PH-2");
    String path = "/api/photos/" + UUID.randomUUID() + "?plant=" + plant;
    assertThat(new String(send("PUT", path, "text".getBytes(), "image/jpeg").body()))
        .contains("no picture");
    byte[] cut = java.util.Arrays.copyOf(picture(300, 300), 200);
    assertThat(send("PUT", path, cut, "image/jpeg").statusCode()).isEqualTo(400);
    assertThat(new String(send("PUT", path, new byte[15_000_001], "image/png").body()))
        .contains("15 MB");
    assertThat(send("PUT", path, picture(10, 10), "text/plain").statusCode()).isEqualTo(415);
    assertThat(
            send(
                    "PUT",
                    "/api/photos/" + UUID.randomUUID() + "?plant=" + UUID.randomUUID(),
                    picture(10, 10),
                    "image/jpeg")
                .statusCode())
        .isEqualTo(400);
    assertThat(house.page(plant).get("photos")).isEmpty();
  }

  @Test
  void aPhotoTakenAtTheBenchStandsOnItsSheetAndInThePlantsHistory()
      throws IOException, InterruptedException {
    House house = new House(technician, "Bench photos");
    String plant = house.plant("Schefflera arboricola", 210, "PH-9");
    house.check(
        plant,
        "2027-04-12T08:20:00Z",
        "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}");
    UUID job = UUID.randomUUID();
    technician.put(
        "/api/jobs/" + job, "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"}".formatted(plant));
    UUID photo = UUID.randomUUID();
    assertThat(
            send(
                    "PUT",
                    "/api/photos/" + photo + "?plant=" + plant + "&job=" + job,
                    picture(300, 200),
                    "image/jpeg")
                .statusCode())
        .isEqualTo(204);
    assertThat(technician.get("/api/jobs/" + job).json().get("photos").findValuesAsString("id"))
        .containsExactly(photo.toString());
    assertThat(house.page(plant).get("photos").get(0).get("jobId").asString())
        .isEqualTo(job.toString());
  }
}
