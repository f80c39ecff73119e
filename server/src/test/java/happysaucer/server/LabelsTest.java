package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class LabelsTest {
  private final Http http;
  private House house;

  LabelsTest(Http http) {
    this.http = http.as("technician");
  }

  @BeforeEach
  void aHouse() {
    house = new House(http, "Labelled " + UUID.randomUUID());
  }

  private PDDocument sheet(String query) throws IOException {
    return Loader.loadPDF(http.bytes("/api/labels/sheet?" + query));
  }

  @Test
  void aSheetHoldsEveryPlantOfASiteAndBeginsWhereItIsStillFull() throws IOException {
    String stem = "L" + UUID.randomUUID().toString().substring(0, 6) + "-";
    for (int i = 1; i <= 4; i++) {
      house.plant("Ficus elastica", 190, stem + i);
    }
    String site = "kind=PLANT&layout=A4_21&site=" + house.site;
    try (PDDocument pdf = sheet(site)) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text).contains(stem + "1", stem + "4", "Rubber fig", "Desk");
    }
    try (PDDocument pdf = sheet(site + "&first=19")) {
      assertThat(pdf.getNumberOfPages()).as("three places are left on the first").isEqualTo(2);
    }
    try (PDDocument pdf = sheet("kind=PLANT&layout=SINGLE_57&site=" + house.site)) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(4);
      assertThat(pdf.getPage(0).getMediaBox().getWidth()).isBetween(161f, 162f);
    }
  }

  @Test
  void spotsAndPotsAreLabelledAsWell() throws IOException {
    house.plant("Ficus elastica", 190, "S" + UUID.randomUUID().toString().substring(0, 8));
    try (PDDocument pdf = sheet("kind=SPOT&layout=LETTER_10&site=" + house.site)) {
      assertThat(new PDFTextStripper().getText(pdf)).contains("Desk");
    }
    try (PDDocument pdf = sheet("kind=POT&layout=A4_65")) {
      assertThat(new PDFTextStripper().getText(pdf)).contains("cm");
    }
  }

  @Test
  void whatCannotBePrintedIsSaid() {
    assertThat(get("kind=PLANT&layout=A4_24&site=" + UUID.randomUUID()))
        .contains("nothing of this to label");
    assertThat(get("kind=PLANT&layout=A4_24&first=25")).contains("places 1 to 24");
    assertThat(get("kind=PLANT&layout=A4_24&address=http://elsewhere.test"))
        .contains("not reached by it");
    assertThat(get("kind=TREE&layout=A4_24")).contains("kind");
  }

  private String get(String query) {
    Http.Answer answer = http.get("/api/labels/sheet?" + query);
    assertThat(answer.status()).isEqualTo(400);
    return answer.body();
  }

  @Test
  void whatALabelIsOnIsFoundByItsCode() {
    String plant = house.plant("Ficus elastica", 190, "F" + System.nanoTime() % 1000000);
    String code =
        new happysaucer.server.qr.LabelCode(
                happysaucer.server.qr.LabelKind.PLANT, UUID.fromString(plant))
            .path();
    JsonNode found = http.get("/api/find?text=http://10.1.1.1" + code).json();
    assertThat(found).hasSize(1);
    assertThat(found.get(0).get("id").asString()).isEqualTo(plant);
    String other = code.charAt(4) == '0' ? "1" : "0";
    assertThat(
            http.get("/api/find?text=" + code.substring(0, 4) + other + code.substring(5)).json())
        .as("a code of nothing")
        .isEmpty();
  }
}
