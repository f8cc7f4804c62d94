import accordion from "@primeuix/themes/aura/accordion";
import autocomplete from "@primeuix/themes/aura/autocomplete";
import base from "@primeuix/themes/aura/base";
import button from "@primeuix/themes/aura/button";
import checkbox from "@primeuix/themes/aura/checkbox";
import chip from "@primeuix/themes/aura/chip";
import confirmdialog from "@primeuix/themes/aura/confirmdialog";
import datatable from "@primeuix/themes/aura/datatable";
import datepicker from "@primeuix/themes/aura/datepicker";
import dialog from "@primeuix/themes/aura/dialog";
import drawer from "@primeuix/themes/aura/drawer";
import fileupload from "@primeuix/themes/aura/fileupload";
import inputnumber from "@primeuix/themes/aura/inputnumber";
import inputtext from "@primeuix/themes/aura/inputtext";
import menu from "@primeuix/themes/aura/menu";
import message from "@primeuix/themes/aura/message";
import multiselect from "@primeuix/themes/aura/multiselect";
import paginator from "@primeuix/themes/aura/paginator";
import progressbar from "@primeuix/themes/aura/progressbar";
import select from "@primeuix/themes/aura/select";
import selectbutton from "@primeuix/themes/aura/selectbutton";
import slider from "@primeuix/themes/aura/slider";
import tabs from "@primeuix/themes/aura/tabs";
import textarea from "@primeuix/themes/aura/textarea";
import toast from "@primeuix/themes/aura/toast";
import togglebutton from "@primeuix/themes/aura/togglebutton";
import toggleswitch from "@primeuix/themes/aura/toggleswitch";
import virtualscroller from "@primeuix/themes/aura/virtualscroller";

/** The parts that are used, one by one: the whole theme is five times as much. */
export const themeParts = {
  ...base,
  components: {
    accordion,
    autocomplete,
    button,
    checkbox,
    chip,
    confirmdialog,
    datatable,
    datepicker,
    dialog,
    drawer,
    fileupload,
    inputnumber,
    inputtext,
    menu,
    message,
    multiselect,
    paginator,
    progressbar,
    select,
    selectbutton,
    slider,
    tabs,
    textarea,
    toast,
    togglebutton,
    toggleswitch,
    virtualscroller,
  },
};
