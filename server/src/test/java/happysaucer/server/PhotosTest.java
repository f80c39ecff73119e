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
import java.util.List;
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
  void aPictureCutOffOrUnderAnotherNameIsRefused() throws Exception {
    House house = new House(technician, "Cut");
    String plant = house.plant("Ficus lyrata", 280, "PH-3");
    String path = "/api/photos/" + UUID.randomUUID() + "?plant=" + plant;
    byte[] whole = picture(900, 700);
    for (int kept : new int[] {whole.length - 2, whole.length / 2, whole.length / 10}) {
      byte[] cut = java.util.Arrays.copyOf(whole, kept);
      assertThat(new String(send("PUT", path, cut, "image/jpeg").body())).contains("cut off");
    }
    byte[] ended = java.util.Arrays.copyOf(whole, whole.length / 2);
    ended[ended.length - 2] = (byte) 0xFF;
    ended[ended.length - 1] = (byte) 0xD9;
    assertThat(new String(send("PUT", path, ended, "image/jpeg").body()))
        .as("with an end put on")
        .contains("cut off");
    assertThat(send("PUT", path, whole, "image/png").statusCode()).isEqualTo(400);
    ByteArrayOutputStream gif = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB), "gif", gif);
    assertThat(send("PUT", path, gif.toByteArray(), "image/jpeg").statusCode()).isEqualTo(400);
    assertThat(house.page(plant).get("photos")).isEmpty();
  }

  @Test
  void aPhotoBelongsToThePlantCheckAndJobItClaims() throws Exception {
    House house = new House(technician, "Claims");
    String plant = house.plant("Ficus lyrata", 280, "PH-4");
    String other = house.plant("Ficus lyrata", 280, "PH-5");
    String check = UUID.randomUUID().toString();
    technician.put(
        "/api/checks/" + check,
        "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:20:00Z\",\"signs\":[]}"
            .formatted(plant));
    byte[] sent = picture(30, 30);
    for (String claim : new String[] {"check=" + check, "job=" + UUID.randomUUID()}) {
      assertThat(new String(photo(UUID.randomUUID(), other, claim, sent).body()))
          .contains("no such " + claim.substring(0, claim.indexOf('=')));
    }
    assertThat(photo(UUID.randomUUID(), plant, "check=" + check, sent).statusCode()).isEqualTo(204);
    // taken at a check that is saved a little later, but then of another plant
    UUID photo = UUID.randomUUID();
    String later = UUID.randomUUID().toString();
    assertThat(photo(photo, other, "check=" + later, sent).statusCode()).isEqualTo(204);
    assertThat(house.page(other).at("/photos/0/checkId").asString()).isEqualTo(later);
    technician.put(
        "/api/checks/" + later,
        "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:22:00Z\",\"signs\":[]}"
            .formatted(plant));
    assertThat(house.page(other).at("/photos/0/checkId").isNull()).isTrue();
  }

  private HttpResponse<byte[]> photo(UUID id, String plant, String claim, byte[] sent)
      throws IOException, InterruptedException {
    return send("PUT", "/api/photos/" + id + "?plant=" + plant + "&" + claim, sent, "image/jpeg");
  }

  @Test
  void theSamePhotoSentManyTimesAtOnceIsOnePhotoAndLeavesNoParts() throws Exception {
    House house = new House(technician, "At once");
    String plant = house.plant("Ficus lyrata", 280, "PH-6");
    String id = UUID.randomUUID().toString();
    byte[] sent = picture(1200, 900);
    List<Integer> statuses =
        java.util.stream.IntStream.range(0, 8)
            .parallel()
            .mapToObj(
                i -> {
                  try {
                    return send("PUT", "/api/photos/" + id + "?plant=" + plant, sent, "image/jpeg")
                        .statusCode();
                  } catch (IOException | InterruptedException e) {
                    throw new IllegalStateException(e);
                  }
                })
            .toList();
    assertThat(statuses).containsOnly(204);
    assertThat(files(id)).isEqualTo(2);
    assertThat(house.page(plant).get("photos")).hasSize(1);
    assertThat(send("GET", "/api/photos/" + id, null, null).statusCode()).isEqualTo(200);
  }

  @Test
  void aPictureOfSixtyMegapixelsIsReadInLittleMemory() {
    // 9000 by 6600 in colour would take 178 MB alone if it were read whole
    byte[] png = flatPng(9000, 6600);
    Runtime runtime = Runtime.getRuntime();
    System.gc();
    long before = runtime.totalMemory() - runtime.freeMemory();
    assertThat(runtime.maxMemory() - before).as("what is there at most").isLessThan(1_200_000_000L);
    House house = new House(technician, "Large");
    String plant = house.plant("Ficus lyrata", 280, "PH-7");
    String path = "/api/photos/" + UUID.randomUUID() + "?plant=" + plant;
    List<Integer> statuses =
        java.util.stream.IntStream.range(0, 2)
            .parallel()
            .mapToObj(
                i -> {
                  try {
                    return send(
                            "PUT",
                            path.replaceFirst("/[0-9a-f-]{36}", "/" + UUID.randomUUID()),
                            png,
                            "image/png")
                        .statusCode();
                  } catch (IOException | InterruptedException e) {
                    throw new IllegalStateException(e);
                  }
                })
            .toList();
    assertThat(statuses).containsOnly(204);
  }

  /** A picture of one colour, written line by line so that making it takes no memory either. */
  private static byte[] flatPng(int width, int height) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
    java.nio.ByteBuffer head = java.nio.ByteBuffer.allocate(13);
    head.putInt(width).putInt(height).put((byte) 8).put((byte) 2).put(new byte[3]);
    chunk(out, "IHDR", head.array());
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (java.util.zip.DeflaterOutputStream lines =
        new java.util.zip.DeflaterOutputStream(packed)) {
      byte[] line = new byte[1 + 3 * width];
      for (int y = 0; y < height; y++) {
        lines.write(line);
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    chunk(out, "IDAT", packed.toByteArray());
    chunk(out, "IEND", new byte[0]);
    return out.toByteArray();
  }

  private static void chunk(ByteArrayOutputStream out, String type, byte[] data) {
    java.util.zip.CRC32 sum = new java.util.zip.CRC32();
    sum.update(type.getBytes(StandardCharsets.US_ASCII));
    sum.update(data);
    out.writeBytes(java.nio.ByteBuffer.allocate(4).putInt(data.length).array());
    out.writeBytes(type.getBytes(StandardCharsets.US_ASCII));
    out.writeBytes(data);
    out.writeBytes(java.nio.ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
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
