package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Base64;
import java.util.UUID;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a client may ask for: what was done to which plant, when and by whom, with photos. */
@ExtendWith(RunningServer.class)
class SiteRecordsTest {
  private final Http technician;

  SiteRecordsTest(Http http) {
    technician = http.as("technician");
  }

  private static void photo(String plant) throws IOException, InterruptedException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB), "jpg", out);
    HttpResponse<String> answer =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(
                        URI.create(
                            RunningServer.url(RunningServer.context())
                                + "/api/photos/"
                                + UUID.randomUUID()
                                + "?plant="
                                + plant
                                + "&caption=After"))
                    .header(
                        "Authorization",
                        "Basic "
                            + Base64.getEncoder()
                                .encodeToString("technician:happy-saucer".getBytes()))
                    .header("Content-Type", "image/jpeg")
                    .PUT(HttpRequest.BodyPublishers.ofByteArray(out.toByteArray()))
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(204);
  }

  private PDDocument pdf(House house, String days) throws IOException {
    return Loader.loadPDF(technician.bytes("/api/sites/" + house.site + "/records?" + days));
  }

  @Test
  void workVisitsAndPhotosOfOneSiteInOneTime() throws IOException, InterruptedException {
    House house = new House(technician, "Records Row");
    String plant = house.plant("Schefflera arboricola", 170, "RC-1");
    house.check(plant, "2027-04-12T07:00:00Z", Season.CLEAR);
    Season season = new Season(technician);
    season.done(season.scheduled(plant, "2027-04-12"), "2027-04-12");
    for (int i = 0; i < 14; i++) {
      photo(plant);
    }
    House other = new House(technician, "Records Elsewhere");
    other.plant("Schefflera arboricola", 170, "RC-2");

    try (PDDocument record = pdf(house, "from=2027-04-01&to=2027-04-30")) {
      String text = new PDFTextStripper().getText(record);
      assertThat(text)
          .contains("Records Row", "RC-1", "Pot up", "Jorun Pell", "12 April 2027", "After")
          .contains("one plant looked at")
          .doesNotContain("RC-2", "Records Elsewhere");
      long pictures =
          StreamSupport.stream(record.getPages().spliterator(), false)
              .mapToLong(
                  page ->
                      StreamSupport.stream(
                              page.getResources().getXObjectNames().spliterator(), false)
                          .count())
              .sum();
      assertThat(pictures).isEqualTo(14);
      assertThat(record.getNumberOfPages()).as("they do not fit on one").isGreaterThan(1);
    }
    try (PDDocument before = pdf(house, "from=2026-01-01&to=2026-12-31")) {
      assertThat(new PDFTextStripper().getText(before))
          .contains("No visit in this time", "Nothing was done")
          .doesNotContain("RC-1");
    }
    String site = "/api/sites/" + house.site + "/records?";
    assertThat(technician.get(site + "from=2027-04-12&to=2027-04-01").body())
        .contains("\"to\"", "ends before it begins");
    assertThat(technician.get(site + "from=2020-01-01&to=2027-04-01").status()).isEqualTo(400);
    assertThat(
            technician
                .get("/api/sites/" + UUID.randomUUID() + "/records?from=2027-04-01&to=2027-04-02")
                .status())
        .isEqualTo(404);
  }
}
